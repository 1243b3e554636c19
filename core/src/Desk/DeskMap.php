<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** Which fader moves what, and which channels the desk cannot reach. */
final readonly class DeskMap
{
    /**
     * @param list<Strip>       $strips   every fader that touches a unit, by button, page, fader
     * @param list<DeskFinding> $findings in the units' order
     */
    private function __construct(public Desk $desk, public array $strips, public array $findings)
    {
    }

    /** @param list<DeskUnit> $units in the given order, with different ids */
    public static function of(Desk $desk, array $units): self
    {
        $faders = $desk->faders();
        $touched = self::channelsByAddress($desk, $units);
        $strips = [];
        foreach ($faders as $fader) {
            if (isset($touched[$fader->address])) {
                $strips[] = new Strip($fader, $touched[$fader->address]);
            }
        }

        return new self($desk, $strips, (new MapCheck($desk, $faders))->judge($units));
    }

    /**
     * @param list<DeskUnit> $units
     *
     * @return array<int, list<array{id: string, channel: int, label: string}>>
     */
    private static function channelsByAddress(Desk $desk, array $units): array
    {
        $touched = [];
        foreach ($units as $unit) {
            if ($unit->placed->universe !== $desk->universe) {
                continue;
            }
            foreach ($unit->labels as $index => $label) {
                $touched[$unit->addressOf($index + 1)][] = ['id' => $unit->placed->id, 'channel' => $index + 1, 'label' => $label];
            }
        }

        return $touched;
    }
}
