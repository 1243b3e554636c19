<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Types;
use Rigger\App\Rig\View\FitView;
use Rigger\Core\Patch\Span;
use Rigger\Core\Plan\Place;
use Rigger\Core\Plan\SlotMap;
use Rigger\Core\Plan\Spacing;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Limits;
use Symfony\Component\Uid\Uuid;

/** Another mode or another type in a unit's place. Where that takes more room than there is, room is offered. */
final readonly class Swapping
{
    private const UNIVERSES = 8;

    public function __construct(private Types $types)
    {
    }

    /** @param Uuid|null $typeId null for the type that hangs there */
    public function fit(Snapshot $snapshot, string $fixtureId, ?Uuid $typeId, string $modeKey): FitView
    {
        $fixture = $snapshot->fixture($fixtureId);
        $mode = Hanging::usableMode($this->revision($fixture, $typeId), $modeKey);
        $trouble = self::trouble($snapshot, $fixture, $mode);
        $room = null === $trouble ? null : self::room($snapshot, $fixture, $mode);
        $address = null === $room ? null : \sprintf('%d.%03d', $room->universe, $room->address);

        return new FitView(
            null === $trouble,
            $trouble ?? \sprintf('%s fits where it is: %d channels, %03d to %03d.', $mode->name, $mode->footprint(), $fixture->span()->first, $fixture->span()->first + $mode->footprint() - 1),
            null === $room ? null : $room->universe.'/'.$room->address,
            null === $address ? null : \sprintf('Set it and move %s to %s: one ladder trip', $fixture->name(), $address),
        );
    }

    /** @param bool $makesRoom whether the unit also moves to the first place that is free, where it does not fit */
    public function setMode(Snapshot $snapshot, string $fixtureId, string $modeKey, bool $makesRoom = false): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $old = $fixture->mode();
        $mode = Hanging::usableMode($fixture->revision(), $modeKey);
        $moved = self::moveFor($snapshot, $fixture, $mode, $makesRoom);
        self::carry($snapshot, $fixture, $mode);
        $fixture->setMode($modeKey);

        return \sprintf('Set %s from mode %s to %s%s', $fixture->name(), $old->name, $mode->name, $moved);
    }

    public function become(Snapshot $snapshot, string $fixtureId, Uuid $typeId, string $modeKey, bool $makesRoom): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $revision = $this->revision($fixture, $typeId);
        $mode = Hanging::usableMode($revision, $modeKey);
        $old = $fixture->revision()->type;
        $moved = self::moveFor($snapshot, $fixture, $mode, $makesRoom);
        self::carry($snapshot, $fixture, $mode);
        $fixture->become($revision, $modeKey);

        return \sprintf('Swapped %s from %s %s for %s %s%s', $fixture->name(), $old->maker(), $old->model(), $revision->type->maker(), $revision->type->model(), $moved);
    }

    private function revision(PatchedFixture $fixture, ?Uuid $typeId): FixtureRevision
    {
        return null === $typeId || $fixture->revision()->type->id()->equals($typeId) ? $fixture->revision() : $this->types->latest($typeId);
    }

    private static function carry(Snapshot $snapshot, PatchedFixture $fixture, Mode $mode): void
    {
        LookValues::refit($snapshot, $fixture, $fixture->mode(), $mode);
        $fixture->bend(Trimming::carried($fixture, $fixture->mode(), $mode));
    }

    private static function moveFor(Snapshot $snapshot, PatchedFixture $fixture, Mode $mode, bool $makesRoom): string
    {
        if (!$makesRoom || null === self::trouble($snapshot, $fixture, $mode)) {
            return '';
        }
        $room = self::room($snapshot, $fixture, $mode) ?? throw Problem::at('mode', 'no_room', \sprintf('There is no free run of %d slots for %s.', $mode->footprint(), $fixture->name()));
        $fixture->moveTo($room->universe, $room->address);

        return \sprintf(' and moved it to %d.%03d', $room->universe, $room->address);
    }

    /** What the larger footprint runs into; null when it fits. Units that are its twins now are in its way as well: they stay behind. */
    private static function trouble(Snapshot $snapshot, PatchedFixture $fixture, Mode $mode): ?string
    {
        $span = Span::at($fixture->span()->first, $mode->footprint());
        if (!$span->fits()) {
            return \sprintf('%d channels at %d end at %d, %d past 512.', $mode->footprint(), $span->first, $span->last(), $span->last() - Span::LAST_SLOT);
        }
        foreach ($snapshot->fixtures as $other) {
            $shared = $other === $fixture || $other->universe() !== $fixture->universe() ? null : $span->shared($other->span());
            // Whom it shares with already is no news, unless it was a twin.
            if (null !== $shared && (null === $fixture->span()->shared($other->span()) || $other->modeIdentity() === $fixture->modeIdentity())) {
                return \sprintf('%d channels at %03d would share %s with %s.', $mode->footprint(), $span->first, $shared[0] === $shared[1] ? (string) $shared[0] : $shared[0].'–'.$shared[1], $other->name());
            }
        }

        return null;
    }

    private static function room(Snapshot $snapshot, PatchedFixture $fixture, Mode $mode): ?Place
    {
        $first = $fixture->universe();
        $slots = new SlotMap(min(self::UNIVERSES, Limits::UNIVERSES - $first + 1), $first);
        foreach ($snapshot->fixtures as $other) {
            if ($other !== $fixture) {
                $slots->take(new Place($other->universe(), $other->span()->first), $other->span()->footprint);
            }
        }
        $desk = $snapshot->desk();
        foreach (null !== $desk && $desk->universe === $first ? DeskViewFactory::starts($desk) : [] as $start) {
            if ($slots->isFree($place = new Place($first, $start), $mode->footprint())) {
                return $place;
            }
        }

        return $slots->firstFit($mode->footprint(), Spacing::packed());
    }
}
