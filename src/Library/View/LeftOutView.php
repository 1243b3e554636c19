<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** What an exported document does not carry. */
final readonly class LeftOutView
{
    /** @param list<string> $words in an operator's words; empty when all is in it */
    public function __construct(public array $words)
    {
    }
}
