<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Shape;

/** Rows of cells: a list of lists of text. A cell may be null where `$mayBeNull`, and then it is one row alone. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Table
{
    public function __construct(public bool $isOneRow = false)
    {
    }
}
