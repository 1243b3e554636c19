<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Types;
use Rigger\App\Rig\View\AddedUnitView;
use Rigger\App\Rig\View\AddPreviewView;
use Rigger\Core\Input\InputError;
use Rigger\Core\Plan\Place;
use Rigger\Core\Plan\SlotMap;
use Rigger\Core\Plan\Spacing;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Limits;

/** Hanging new units, each at the next place that is free and as wide as it needs; looked at first, then done. */
final readonly class Hanging
{
    /** Universes in which room is looked for, from the desk's on. */
    private const UNIVERSES = 64;

    public function __construct(private EntityManagerInterface $manager, private Types $types)
    {
    }

    /** @throws Problem as add() */
    public function preview(Snapshot $snapshot, AddingWish $wish): AddPreviewView
    {
        [$revision, $mode, $names] = $this->units($snapshot, $wish);
        $places = self::places($snapshot, $wish, $mode, \count($names));
        $units = array_map(static fn (string $name, Place $place): AddedUnitView => new AddedUnitView($name, $place->universe, $place->address, $place->address + $mode->footprint() - 1), $names, $places);

        return new AddPreviewView($units, self::sentence($revision, $mode, $names, $places));
    }

    /**
     * @return string what was done
     *
     * @throws Problem when the mode is not there, the rig is full, or there is no room for all of them
     */
    public function add(Snapshot $snapshot, AddingWish $wish): string
    {
        [$revision, $mode, $names] = $this->units($snapshot, $wish);
        $places = self::places($snapshot, $wish, $mode, \count($names));
        foreach ($names as $index => $name) {
            $this->hang($snapshot, $revision, $mode->key, $name, $places[$index], $index + 1);
        }
        if (null !== $wish->twinOf) {
            return \sprintf('Patched %s as twin%s of %s at %s', implode(', ', $names), 1 === \count($names) ? '' : 's', $snapshot->fixture($wish->twinOf)->name(), self::say($places[0]));
        }

        return 1 === \count($names)
            ? \sprintf('Patched %s at %s', $names[0], self::say($places[0]))
            : \sprintf('Patched %d units, %s to %s, from %s', \count($names), $names[0], $names[\count($names) - 1], self::say($places[0]));
    }

    public function hang(Snapshot $snapshot, FixtureRevision $revision, string $mode, string $name, Place $place, int $nth): PatchedFixture
    {
        $hanging = \count($snapshot->fixtures);
        $last = 0 === $hanging ? 0 : $snapshot->fixtures[$hanging - 1]->place;
        if ($hanging + $nth > Limits::FIXTURES) {
            throw Problem::at('count', 'out_of_range', \sprintf('A rig holds at most %d fixtures; %d hang already.', Limits::FIXTURES, $hanging));
        }
        $fixture = PatchedFixture::hang($snapshot->rig, $revision, $mode, $name, $place->universe, $place->address, $last + $nth);
        $this->manager->persist($fixture);

        return $fixture;
    }

    /** @throws Problem unknown_mode, mode_empty; field "mode" */
    public static function usableMode(FixtureRevision $revision, string $modeKey): Mode
    {
        $profile = $revision->profile();
        $mode = $profile->mode($modeKey) ?? throw Problem::at('mode', 'unknown_mode', \sprintf('%s has no mode %s.', $profile->model, InputError::quote($modeKey)));
        if (0 === $mode->footprint()) {
            throw Problem::at('mode', 'mode_empty', \sprintf('Mode %s has no channels yet: write its chart first.', $mode->name));
        }

        return $mode;
    }

    /** @return array{FixtureRevision, Mode, non-empty-list<string>} */
    private function units(Snapshot $snapshot, AddingWish $wish): array
    {
        $twin = null === $wish->twinOf ? null : $snapshot->fixture($wish->twinOf);
        $revision = $twin?->revision() ?? $this->types->latest($wish->typeId);

        return [$revision, self::usableMode($revision, $twin?->modeKey() ?? $wish->mode), UnitNames::next($snapshot, Limits::name($wish->name, 'name'), $wish->count)];
    }

    /** @return list<Place> one a unit */
    private static function places(Snapshot $snapshot, AddingWish $wish, Mode $mode, int $count): array
    {
        if (null !== $wish->twinOf) {
            $twin = $snapshot->fixture($wish->twinOf);

            return array_fill(0, $count, new Place($twin->universe(), $twin->span()->first));
        }
        $slots = new SlotMap(min(self::UNIVERSES, Limits::UNIVERSES - $snapshot->universe() + 1), $snapshot->universe());
        foreach ($snapshot->fixtures as $fixture) {
            $slots->take(new Place($fixture->universe(), $fixture->span()->first), $fixture->span()->footprint);
        }
        $places = [];
        while (\count($places) < $count) {
            $place = self::next($snapshot, $wish, $slots, $mode->footprint()) ?? throw self::noRoom($snapshot, $wish, $mode, \count($places));
            $slots->take($place, $mode->footprint());
            array_push($places, ...array_fill(0, min($wish->together, $count - \count($places)), $place));
        }

        return $places;
    }

    private static function next(Snapshot $snapshot, AddingWish $wish, SlotMap $slots, int $footprint): ?Place
    {
        if ('buttons' !== $wish->spacing) {
            return $slots->firstFit($footprint, match ($wish->spacing) {
                'round' => Spacing::round($wish->step),
                'stride' => Spacing::stride($wish->step, $wish->first),
                default => Spacing::packed(),
            });
        }
        $desk = $snapshot->desk();
        if (null === $desk || !$desk->layout->hasButtons()) {
            throw Problem::at('spacing', 'not_a_choice', 'The rig\'s desk has no buttons that units could begin at.');
        }
        foreach (DeskViewFactory::starts($desk) as $start) {
            if ($slots->isFree($place = new Place($desk->universe, $start), $footprint)) {
                return $place;
            }
        }

        return null;
    }

    /**
     * @param non-empty-list<string> $names
     * @param list<Place>            $places
     */
    private static function sentence(FixtureRevision $revision, Mode $mode, array $names, array $places): string
    {
        $first = $places[0];
        $last = $places[\count($places) - 1];
        $addresses = \count(array_unique(array_map(self::say(...), $places)));

        return 1 === \count($names)
            ? \sprintf('%s takes %s to %03d.', $names[0], self::say($first), $first->address + $mode->footprint() - 1)
            : \sprintf('%d %s of %d channels at %d address%s, from %s to %d.%03d.', \count($names), $revision->type->model(), $mode->footprint(), $addresses, 1 === $addresses ? '' : 'es', self::say($first), $last->universe, $last->address + $mode->footprint() - 1);
    }

    private static function noRoom(Snapshot $snapshot, AddingWish $wish, Mode $mode, int $placed): Problem
    {
        $channels = 1 === $mode->footprint() ? '1 channel' : $mode->footprint().' channels';
        $missing = $wish->count - $placed;

        return Problem::at('count', 'no_room', 'buttons' === $wish->spacing
            ? \sprintf('No free button is left: there is room for %d of %d units of %s at the desk\'s buttons, %d too few. Free addresses between them can still be used.', $placed, $wish->count, $channels, $missing)
            : \sprintf('There is room for %d of %d units of %s in %d universes, %d too few.', $placed, $wish->count, $channels, self::UNIVERSES, $missing));
    }

    private static function say(Place $place): string
    {
        return \sprintf('%d.%03d', $place->universe, $place->address);
    }
}
