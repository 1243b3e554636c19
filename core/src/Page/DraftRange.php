<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** Values and the words beside them, before it is known what they mean. */
final class DraftRange
{
    public function __construct(public readonly Bound $bound, public string $text, public readonly int $line)
    {
    }
}
