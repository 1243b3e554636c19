<?php

declare(strict_types=1);

namespace Rigger\Core\Light\Solve;

use Rigger\Core\Light\Lighting;

/** Values that give what was asked, as near as the unit can. */
final readonly class SolvedLight
{
    /**
     * @param list<int>        $values  one a channel, by offset
     * @param float|null       $deltaUv the greatest Δu′v′ over the cells between the colour asked and the one that comes out; null
     *                                  where none was asked or can be, or nothing is lit
     * @param list<IntentNote> $notes   each once
     */
    public function __construct(public array $values, public Lighting $light, public ?float $deltaUv, public array $notes)
    {
    }
}
