<?php

declare(strict_types=1);

namespace Rigger\Core\Change;

use Rigger\Core\CoreException;

/** A change that does not fit what is there. */
final class Refused extends \RuntimeException implements CoreException
{
    /** @param string $reason stable word, such as "nothing_to_do" */
    private function __construct(public readonly string $reason, string $message)
    {
        parent::__construct($message);
    }

    public static function because(string $reason, string $message): self
    {
        return new self($reason, $message);
    }

    /** @param string $what "the plan gives its buttons" */
    public static function noDesk(string $what): self
    {
        return new self('no_desk', 'Choose a desk first: '.$what.'.');
    }
}
