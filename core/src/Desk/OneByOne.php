<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Light\FullOn;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\RangeFunction;

/** A rig tried from the desk, one thing at a time, so that each answer says who is where. Only what a fader reaches goes up. */
final readonly class OneByOne
{
    /** @var array<string, array<int, int>> channel by address of the fader that moves it, by unit */
    private array $moved;

    /**
     * @param list<DeskUnit>      $units those of the map
     * @param array<string, Mode> $modes by unit id
     */
    public function __construct(public DeskMap $map, private array $units, private array $modes)
    {
        $moved = [];
        foreach ($map->strips as $strip) {
            foreach ($strip->units as $use) {
                $moved[$use['id']][$strip->fader->address] = $use['channel'];
            }
        }
        $this->moved = $moved;
    }

    /** @return list<WalkStep> each unit, twins together, as bright as it goes; in the order of the lowest fader that moves it */
    public function units(): array
    {
        $placed = [];
        foreach ($this->units as $unit) {
            $placed[$unit->placed->id] = $unit->placed->span->first.' '.$unit->placed->mode;
        }
        $together = [];
        foreach ($this->map->strips as $strip) {
            foreach ($strip->units as $use) {
                $together[$placed[$use['id']]][$use['id']] = $use['id'];
            }
        }

        return array_values(array_map(
            fn (array $ids): WalkStep => new WalkStep($this->lit(array_key_first($ids), null), null, array_values($ids)),
            $together,
        ));
    }

    /** @return list<WalkStep> each fader alone, with the rest of its unit set so that it shows, in the order of the desk */
    public function faders(): array
    {
        $steps = [];
        foreach ($this->map->strips as $strip) {
            $first = $strip->units[0];
            $steps[] = new WalkStep(
                $this->lit($first['id'], $first['channel']),
                $strip->fader->address,
                array_values(array_unique(array_column($strip->units, 'id'))),
            );
        }

        return $steps;
    }

    /**
     * A unit's values by address. With a channel, that one is up and no other colour is, so that it is seen alone.
     *
     * @return array<int, int>
     */
    private function lit(string $id, ?int $alone): array
    {
        $mode = $this->modes[$id];
        $values = FullOn::values($mode);
        if (null !== $alone && true === $mode->channel($alone)?->has(RangeFunction::Emitter)) {
            foreach ($mode->channels as $channel) {
                if ($channel->offset !== $alone && $channel->has(RangeFunction::Emitter) && !$channel->has(RangeFunction::Intensity)) {
                    $values[$channel->offset - 1] = 0;
                }
            }
        }

        return array_map(static fn (int $channel): int => $values[$channel - 1], $this->moved[$id] ?? []);
    }
}
