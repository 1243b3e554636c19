<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** Which fader moves what, and which channels the desk cannot reach. */
final readonly class DeskMap
{
    /**
     * @param list<Strip>       $strips   every fader that touches a fixture, by button, page, fader
     * @param list<DeskFinding> $findings in the fixtures' order
     */
    private function __construct(public Desk $desk, public array $strips, public array $findings)
    {
    }

    /** @param list<DeskFixture> $fixtures in the given order, with different ids */
    public static function of(Desk $desk, array $fixtures): self
    {
        $faders = $desk->faders();
        $touched = self::channelsByAddress($desk, $fixtures);
        $strips = [];
        foreach ($faders as $fader) {
            if (isset($touched[$fader->address])) {
                $strips[] = new Strip($fader, $touched[$fader->address]);
            }
        }

        return new self($desk, $strips, (new MapCheck($desk, $faders))->judge($fixtures));
    }

    /**
     * @param list<DeskFixture> $fixtures
     *
     * @return array<int, list<array{id: string, channel: int, label: string}>>
     */
    private static function channelsByAddress(Desk $desk, array $fixtures): array
    {
        $touched = [];
        foreach ($fixtures as $fixture) {
            if ($fixture->placed->universe !== $desk->universe) {
                continue;
            }
            foreach ($fixture->labels as $index => $label) {
                $touched[$fixture->addressOf($index + 1)][] = ['id' => $fixture->placed->id, 'channel' => $index + 1, 'label' => $label];
            }
        }

        return $touched;
    }
}
