<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Draw;

/** A filled area with straight edges. Millimetres from the upper left corner of the page. */
final readonly class Area
{
    /**
     * @param list<array{float, float}> $corners x and y of each
     * @param int                       $grey    0 black to 255 white
     */
    public function __construct(public array $corners, public int $grey = 0)
    {
    }
}
