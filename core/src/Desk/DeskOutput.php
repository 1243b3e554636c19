<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Number\Rounding;

/**
 * What a desk sends for where its faders, cross faders, master and blackout stand.
 *
 * Two rows are blended so that a fade between equal looks does not dip: A·a + B·b, and never above the higher of A and B.
 * The master and the blackout take along all slots or dimmers alone, as the desk does.
 */
final readonly class DeskOutput
{
    /** @param array<int, true> $reached addresses that a fader drives */
    private function __construct(private Desk $desk, private array $reached)
    {
    }

    public static function of(Desk $desk): self
    {
        return new self($desk, array_fill_keys(array_map(static fn (Fader $fader): int => $fader->address, $desk->faders()), true));
    }

    /**
     * @param array<int, true> $dimmers addresses in the desk's universe at which a dimmer listens
     *
     * @return array<int, int> value above 0 by address, ascending; what no fader reaches rests at 0
     */
    public function slots(DeskState $state, array $dimmers): array
    {
        $rows = $this->desk->crossfades() ? $this->blended($state) : $state->slots;
        $master = $this->desk->manual->master;
        $factor = match (true) {
            Master::None === $master || null === $master => 1.0,
            $state->isBlackout => 0.0,
            default => $state->master / 255,
        };
        $sent = [];
        foreach ($rows as $address => $value) {
            if (!isset($this->reached[$address])) {
                continue;
            }
            $isTaken = Master::All === $master || isset($dimmers[$address]);
            $value = $isTaken && $factor < 1.0 ? Rounding::nearest($value * $factor) : $value;
            if ($value > 0) {
                $sent[$address] = $value;
            }
        }
        ksort($sent);

        return $sent;
    }

    /** @return array<int, int> */
    private function blended(DeskState $state): array
    {
        $blend = [];
        foreach ($state->slots + $state->secondRow as $address => $_) {
            $a = $state->slots[$address] ?? 0;
            $b = $state->secondRow[$address] ?? 0;
            $blend[$address] = min(max($a, $b), Rounding::nearest(($a * $state->crossA + $b * $state->crossB) / 255));
        }

        return $blend;
    }
}
