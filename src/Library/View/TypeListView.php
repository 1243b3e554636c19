<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** One page of the library. */
final readonly class TypeListView
{
    /** @param list<TypeView> $types by maker and model */
    public function __construct(public array $types, public int $page, public int $total)
    {
    }
}
