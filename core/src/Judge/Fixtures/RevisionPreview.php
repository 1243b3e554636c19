<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Fixtures;

use Rigger\Core\Compare\ChartDifference;
use Rigger\Core\Desk\DeskMap;
use Rigger\Core\Desk\DeskUnit;
use Rigger\Core\Desk\Fader;
use Rigger\Core\Patch\Placed;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Refit;
use Rigger\Core\Rig\Revision;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** What a newer chart would change in a rig, before anybody takes it: its channels, the faders, and how the looks shine. */
final readonly class RevisionPreview
{
    /** @var list<Unit> units of the type that follow another revision */
    private array $followers;

    public function __construct(private Rig $rig, private Revision $latest)
    {
        $this->followers = array_values(array_filter(
            $rig->units,
            static fn (Unit $unit): bool => $unit->revision()->typeId === $latest->typeId && !$unit->revision()->follows($latest),
        ));
    }

    /** Number of the revision that is followed now. */
    public function from(): int
    {
        return ($this->followers[0] ?? null)?->revision()->number ?? $this->latest->number;
    }

    /** @return list<array{Mode, Mode|null}> each mode in use, and what it would be */
    public function modes(): array
    {
        $modes = [];
        foreach ($this->followers as $unit) {
            $modes[$unit->mode()->key] ??= [$unit->mode(), $this->latest->profile->mode($unit->mode()->key)];
        }

        return array_values($modes);
    }

    /** @return list<array{Fader, string|null, string|null}> faders whose name or doing changes, with both names */
    public function faders(): array
    {
        $desk = $this->rig->desk();
        if (null === $desk) {
            return [];
        }
        $after = DeskMap::of($desk, array_map($this->onDesk(...), array_values($this->rig->units)));
        [$old, $new] = [self::names($this->rig->map()), self::names($after)];
        $moved = $this->otherwise();
        $changes = [];
        foreach ($desk->faders() as $fader) {
            $was = $old[$fader->address] ?? null;
            $is = $new[$fader->address] ?? null;
            if ($was !== $is || isset($moved[$fader->address])) {
                $changes[] = [$fader, $was, $is];
            }
        }

        return $changes;
    }

    /** @return list<LookChange> lamps that would shine otherwise */
    public function looks(): array
    {
        $changes = [];
        foreach ($this->rig->looks as $look) {
            foreach ($this->followers as $unit) {
                $values = $look->values[$unit->id] ?? null;
                $new = $this->latest->mode($unit->mode()->key);
                if (null === $values || null === $new) {
                    continue;
                }
                $change = new LookChange(
                    $look,
                    $unit,
                    LookChange::light($unit, $unit->at->compiled(), $values),
                    LookChange::light($unit, $new->compiled(), Refit::values($look, $unit, $new)),
                );
                if ($change->isSeen()) {
                    $changes[] = $change;
                }
            }
        }

        return $changes;
    }

    /** Why it cannot be taken now; null where it can. */
    public function hindrance(): ?string
    {
        foreach ($this->followers as $unit) {
            if (null === $this->latest->mode($unit->mode()->key)) {
                return \sprintf(
                    'Revision %d has no mode %s, which %s is set to. Set it to another mode first.',
                    $this->latest->number,
                    $unit->mode()->name,
                    $unit->name,
                );
            }
        }

        return null;
    }

    private function onDesk(Unit $unit): DeskUnit
    {
        $mode = (\in_array($unit, $this->followers, true) ? $this->latest->profile->mode($unit->mode()->key) : null) ?? $unit->mode();

        return new DeskUnit(
            new Placed($unit->id, $unit->place->universe, Span::at($unit->place->address, max(1, $mode->footprint())), $unit->at->identity),
            $mode->labels(),
        );
    }

    /** @return array<int, true> addresses of channels that keep their name and yet do something else at the same values */
    private function otherwise(): array
    {
        $addresses = [];
        foreach ($this->followers as $unit) {
            foreach (ChartDifference::between($unit->mode(), $this->latest->profile->mode($unit->mode()->key)) as $channel) {
                if (!$channel->isSame()) {
                    $addresses[$unit->place->address + $channel->offset - 1] = true;
                }
            }
        }

        return $addresses;
    }

    /** @return array<int, string> first label by address */
    private static function names(?DeskMap $map): array
    {
        $names = [];
        foreach ($map->strips ?? [] as $strip) {
            $names[$strip->fader->address] = $strip->units[0]['label'] ?? '';
        }

        return $names;
    }
}
