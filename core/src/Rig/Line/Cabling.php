<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Line;

use Rigger\Core\Line\Cable\Adapters;
use Rigger\Core\Line\Cable\Cable;
use Rigger\Core\Line\Cable\DataRun;
use Rigger\Core\Line\Cable\DeviceKind;
use Rigger\Core\Line\Cable\Point;
use Rigger\Core\Line\Cable\RunDevice;
use Rigger\Core\Position\Spot;

/** How data reaches units: what follows from runs, splitters, and the stage plan. */
final class Cabling
{
    private const NEAR = 1e-9;

    /** @var array<string, array{Run, int}> run and place by item */
    private array $places = [];
    /** @var array<string, string> item by unit */
    private array $items = [];
    /** @var array<string, list<Run>> by the splitter that they begin at */
    private array $fed = [];

    /**
     * @param array<string, Run>       $runs  by id
     * @param array<string, Spot|null> $spots of units, by id
     */
    public function __construct(private readonly array $runs, private readonly array $spots, private readonly Van $van)
    {
        foreach ($runs as $run) {
            foreach ($run->items as $place => $item) {
                $this->places[$item->id] = [$run, $place];
                if (null !== $item->unitId) {
                    $this->items[$item->unitId] = $item->id;
                }
            }
            if (null !== $run->from?->splitterId) {
                $this->fed[$run->from->splitterId][] = $run;
            }
        }
    }

    public function runOf(string $unitId): ?Run
    {
        $item = $this->items[$unitId] ?? null;

        return null === $item ? null : $this->places[$item][0];
    }

    /** @return array{Run, int}|null run and place from 0 */
    public function placeOf(string $itemId): ?array
    {
        return $this->places[$itemId] ?? null;
    }

    /** @return list<Run> that begin at a splitter, by their outputs */
    public function fedBy(string $itemId): array
    {
        $runs = $this->fed[$itemId] ?? [];
        usort($runs, static fn (Run $one, Run $other): int => ($one->from->output ?? 0) <=> ($other->from->output ?? 0));

        return $runs;
    }

    /** The run that a run comes from by its splitter. */
    public function before(Run $run): ?Run
    {
        return null === $run->from?->splitterId ? null : $this->places[$run->from->splitterId][0] ?? null;
    }

    /** What a run carries; null where it, or what it comes from, is plugged in nowhere. */
    public function universe(Run $run): ?int
    {
        $at = $run;
        while (null !== $at?->from?->splitterId) {
            $at = $this->before($at);
        }

        return $at?->from?->universe;
    }

    /** Whether data that leaves a splitter would come back to it, were a run to begin there. */
    public function isFedBy(string $splitterId, string $runId): bool
    {
        for ($at = $this->places[$splitterId][0] ?? null; null !== $at; $at = $this->before($at)) {
            if ($at->id === $runId) {
                return true;
            }
        }

        return false;
    }

    /** The lowest output of the desk, or of a splitter, at which nothing begins yet. */
    public function freeOutput(?string $splitterId): int
    {
        $taken = [];
        foreach ($this->runs as $run) {
            if (null !== $run->from && $run->from->splitterId === $splitterId) {
                $taken[$run->from->output] = true;
            }
        }
        $output = 1;
        while (isset($taken[$output])) {
            ++$output;
        }

        return $output;
    }

    /** Metres of the cable to an item, as somebody said or by the stage plan. */
    public function length(Run $run, int $place): Length
    {
        $piece = $run->items[$place]->cable;
        if (null !== $piece->metres) {
            return Length::said($piece->metres);
        }
        $before = $run->items[$place - 1] ?? null;
        $from = null === $before ? $this->beginning($run) : $this->pointOf($before);
        $to = $this->pointOf($run->items[$place]);
        if (null === $from || null === $to) {
            return Length::unknown();
        }
        $needed = $from->wayTo($to) * $this->van->slack + $this->van->spare;
        foreach ($this->van->lengths as $length) {
            if ($length >= $needed - self::NEAR) {
                return Length::planned($length, $needed, []);
            }
        }

        return Length::planned(null, $needed, $this->joined($needed));
    }

    /**
     * The fewest pieces that reach, the longest first.
     *
     * @return list<float> none where there is no cable at all
     */
    private function joined(float $needed): array
    {
        $lengths = $this->van->lengths;
        $longest = [] === $lengths ? 0.0 : max($lengths);
        if ($longest <= 0) {
            return [];
        }
        $pieces = [];
        $left = $needed;
        while ($left > $longest + self::NEAR) {
            $pieces[] = $longest;
            $left -= $longest;
        }
        foreach ($lengths as $length) {
            if ($length >= $left - self::NEAR) {
                return [...$pieces, $length];
            }
        }

        return $pieces;
    }

    /** @return list<string> that the cable to an item needs */
    public function adapters(Run $run, int $place): array
    {
        $item = $run->items[$place];

        return Adapters::between($run->items[$place - 1]->ends ?? $run->ends, $item->cable->ends, $item->ends);
    }

    /** A run as it is judged; a cable of unknown length counts as none. */
    public function checked(Run $run): DataRun
    {
        return new DataRun(array_map(fn (RunItem $item, int $place): RunDevice => new RunDevice(
            $item->id,
            null === $item->splitter ? DeviceKind::Fixture : DeviceKind::Splitter,
            new Cable($this->length($run, $place)->metres() ?? 0.0, $item->cable->type, [] !== $this->adapters($run, $place)),
            $item->load,
        ), $run->items, array_keys($run->items)), $run->isTerminated);
    }

    /** Who is left without data when the plug at an item is pulled, and who hangs on an end that is open then. */
    public function pulled(string $itemId): Pulled
    {
        [$run, $place] = $this->places[$itemId] ?? [null, 0];
        if (null === $run) {
            return new Pulled([], []);
        }

        return new Pulled(
            $this->unitsFrom($run, $place),
            array_values(array_filter(
                array_map(static fn (RunItem $item): ?string => $item->unitId, \array_slice($run->items, 0, $place)),
                is_string(...),
            )),
        );
    }

    /** @return list<string> units of a run from a place on, and of all that its splitter feeds */
    private function unitsFrom(Run $run, int $place): array
    {
        $units = [];
        foreach (\array_slice($run->items, $place) as $item) {
            if (null !== $item->unitId) {
                $units[] = $item->unitId;
            }
            foreach (null === $item->splitter ? [] : $this->fedBy($item->id) as $fed) {
                array_push($units, ...$this->unitsFrom($fed, 0));
            }
        }

        return $units;
    }

    private function beginning(Run $run): ?Point
    {
        $spot = null === $run->from?->splitterId
            ? (null === $run->from ? null : $this->van->desk)
            : $this->places[$run->from->splitterId][0]->splitter()?->splitter?->spot;

        return self::point('', $spot);
    }

    private function pointOf(RunItem $item): ?Point
    {
        return self::point($item->id, null === $item->splitter ? $this->spots[$item->unitId ?? ''] ?? null : $item->splitter->spot);
    }

    /** What stands nowhere in particular above the floor stands on it. */
    private static function point(string $id, ?Spot $spot): ?Point
    {
        return null === $spot ? null : new Point($id, $spot->x, $spot->y, $spot->height ?? 0.0);
    }
}
