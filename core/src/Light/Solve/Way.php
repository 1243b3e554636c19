<?php

declare(strict_types=1);

namespace Rigger\Core\Light\Solve;

use Rigger\Core\Colour\Recipe;
use Rigger\Core\Light\CellLight;
use Rigger\Core\Profile\Channel;

/** One way in which a unit shows a colour at full, and what that costs. */
final readonly class Way
{
    /**
     * @param CellLight                 $light    of its brightest cell
     * @param list<array{Channel, int}> $channels that colour it, with their values
     */
    public function __construct(public Recipe $recipe, public SolvedLight $solved, public CellLight $light, public array $channels)
    {
    }
}
