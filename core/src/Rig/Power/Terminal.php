<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Power;

use Rigger\Core\Rig\Unit;

/** A terminal of a tape's driver. Tape has its plus in common; each colour is dimmed on its minus side. */
final readonly class Terminal
{
    /** @param string $sign + or - */
    private function __construct(public string $driver, public string $tape, public string $sign, public float $amps)
    {
    }

    /**
     * The common plus, then the outputs in their order.
     *
     * @return list<self> none without tape
     */
    public static function of(Unit $unit): array
    {
        $tape = $unit->supply->tape;
        if (null === $tape) {
            return [];
        }
        $labels = $unit->labels();
        $each = $tape->amps() / max(1, \count($labels));
        $terminals = [];
        foreach ($unit->outputs() as $nth => $output) {
            $terminals[$output] = new self('Output '.$output, $labels[$nth], '-', $each);
        }
        ksort($terminals);

        return [new self('Common plus', 'Common plus', '+', $tape->amps()), ...array_values($terminals)];
    }
}
