<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** One column of a table, by its head. */
final readonly class Column
{
    public function __construct(public Cell $head, public ColumnRole $role)
    {
    }
}
