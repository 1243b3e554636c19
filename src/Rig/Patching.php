<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Types;
use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\AddressText;
use Rigger\Core\Patch\FreePlace;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Limits;
use Symfony\Component\Uid\Uuid;

/** Hanging units, giving them addresses, and taking them down. */
final readonly class Patching
{
    public function __construct(private EntityManagerInterface $manager, private Types $types, private ClockInterface $clock)
    {
    }

    /**
     * Hangs so many units of a type, each at the next free place.
     *
     * @param bool $atButtons only where the desk's buttons begin
     *
     * @return string what was done
     *
     * @throws Problem when the mode is not there, or there is no room for all of them
     */
    public function add(Snapshot $snapshot, Uuid $typeId, string $modeKey, int $count, string $name, bool $atButtons): string
    {
        $revision = $this->types->latest($typeId);
        $mode = self::usableMode($revision, $modeKey);
        $taken = self::taken($snapshot, $snapshot->universe(), null);
        $desk = $snapshot->desk();
        $starts = $atButtons && null !== $desk && $desk->layout->hasButtons() ? DeskViewFactory::starts($desk) : null;
        $names = UnitNames::next($snapshot, Limits::name($name, 'name'), $count);
        $places = [];
        foreach ($names as $unit) {
            $address = FreePlace::lowest($taken, $mode->footprint(), $starts) ?? throw self::noRoom($snapshot, $mode, $count, \count($places), null !== $starts);
            $span = Span::at($address, $mode->footprint());
            $taken[] = $span;
            $places[] = $address;
            $this->hang($snapshot, $revision, $modeKey, $unit, $snapshot->universe(), $address, \count($places));
        }

        return 1 === $count
            ? \sprintf('Patched %s at %s', $names[0], self::say($snapshot->universe(), $places[0]))
            : \sprintf('Patched %d units, %s to %s, from %s', $count, $names[0], $names[array_key_last($names)], self::say($snapshot->universe(), $places[0]));
    }

    /** Hangs units that listen exactly like another one. */
    public function addTwins(Snapshot $snapshot, string $fixtureId, int $count, string $name): string
    {
        $twin = $snapshot->fixture($fixtureId);
        $names = UnitNames::next($snapshot, Limits::name($name, 'name'), $count);
        foreach ($names as $index => $unit) {
            $this->hang($snapshot, $twin->revision(), $twin->modeKey(), $unit, $twin->universe(), $twin->span()->first, $index + 1);
        }

        return \sprintf('Patched %s as twin%s of %s at %s', implode(', ', $names), 1 === $count ? '' : 's', $twin->name(), self::say($twin->universe(), $twin->span()->first));
    }

    /**
     * @param string $text as typed: "37", "1/37", "1.037"
     *
     * @throws InputError at field "address"
     */
    public function move(Snapshot $snapshot, string $fixtureId, string $text): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $wish = AddressText::parse($text, $fixture->universe());
        $from = self::say($fixture->universe(), $fixture->span()->first);
        $fixture->moveTo($wish->universe, $wish->address);

        return \sprintf('Moved %s from %s to %s', $fixture->name(), $from, self::say($wish->universe, $wish->address));
    }

    /**
     * Moves units that stand on one piece of tape, twins, together.
     *
     * @param non-empty-list<string> $fixtureIds
     */
    public function moveTogether(Snapshot $snapshot, array $fixtureIds, string $text): string
    {
        $sentences = array_map(fn (string $id): string => $this->move($snapshot, $id, $text), $fixtureIds);
        $names = array_map(static fn (string $id): string => $snapshot->fixture($id)->name(), $fixtureIds);

        return 1 === \count($fixtureIds) ? $sentences[0] : \sprintf('Moved %s together to %s', implode(' and ', $names), self::say($snapshot->fixture($fixtureIds[0])->universe(), $snapshot->fixture($fixtureIds[0])->span()->first));
    }

    /** @param string $position where it hangs; blank for nowhere in particular */
    public function hangAt(Snapshot $snapshot, string $fixtureId, string $position): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $fixture->hangAt('' === trim($position) ? null : Limits::name($position, 'position'));

        return null === $fixture->position() ? \sprintf('%s hangs nowhere in particular', $fixture->name()) : \sprintf('%s hangs at %s', $fixture->name(), $fixture->position());
    }

    /** Ticks a unit on the walk-round, or takes the tick back. */
    public function tick(Snapshot $snapshot, string $fixtureId, bool $isSet): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $fixture->markSet($isSet ? $this->clock->now() : null);

        return \sprintf($isSet ? 'Set %s at %s' : 'Took back that %s is set at %s', $fixture->name(), self::say($fixture->universe(), $fixture->span()->first));
    }

    public function rename(Snapshot $snapshot, string $fixtureId, string $name): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $old = $fixture->name();
        $fixture->rename(Limits::name($name, 'name'));

        return \sprintf('Renamed %s to %s', $old, $fixture->name());
    }

    public function setMode(Snapshot $snapshot, string $fixtureId, string $modeKey): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $mode = self::usableMode($fixture->revision(), $modeKey);
        $old = $fixture->mode();
        LookValues::refit($snapshot, $fixture, $old, $mode);
        $fixture->setMode($modeKey);

        return \sprintf('Set %s from mode %s to %s', $fixture->name(), $old->name, $mode->name);
    }

    public function remove(Snapshot $snapshot, string $fixtureId): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        foreach ($snapshot->looks as $look) {
            $look->forget($fixture);
        }
        $this->manager->remove($fixture);

        return \sprintf('Took down %s from %s', $fixture->name(), self::say($fixture->universe(), $fixture->span()->first));
    }

    /** Every unit of the type follows its newest revision from now on. */
    public function takeRevision(Snapshot $snapshot, Uuid $typeId): string
    {
        $latest = $this->types->latest($typeId);
        $taken = 0;
        foreach ($snapshot->fixtures as $fixture) {
            if (!$fixture->revision()->type->id()->equals($typeId) || $fixture->revision() === $latest) {
                continue;
            }
            $mode = $latest->profile()->mode($fixture->modeKey()) ?? throw Problem::conflict('mode_gone', \sprintf('Revision %d has no mode %s, which %s is set to. Set it to another mode first.', $latest->number, $fixture->mode()->name, $fixture->name()));
            if (0 === $mode->footprint()) {
                throw Problem::conflict('mode_empty', \sprintf('Mode %s of revision %d has no channels.', $mode->name, $latest->number));
            }
            LookValues::refit($snapshot, $fixture, $fixture->mode(), $mode);
            $fixture->follow($latest);
            ++$taken;
        }
        if (0 === $taken) {
            throw Problem::conflict('nothing_to_take', \sprintf('Every %s here follows revision %d already.', $latest->type->model(), $latest->number));
        }

        return \sprintf('Took revision %d of %s for %d unit%s', $latest->number, $latest->type->model(), $taken, 1 === $taken ? '' : 's');
    }

    /** @return list<Span> */
    public static function taken(Snapshot $snapshot, int $universe, ?PatchedFixture $but): array
    {
        $spans = [];
        foreach ($snapshot->fixtures as $fixture) {
            if ($fixture !== $but && $fixture->universe() === $universe) {
                $spans[] = $fixture->span();
            }
        }

        return $spans;
    }

    private function hang(Snapshot $snapshot, FixtureRevision $revision, string $mode, string $name, int $universe, int $address, int $nth): void
    {
        $hanging = \count($snapshot->fixtures);
        $last = 0 === $hanging ? 0 : $snapshot->fixtures[$hanging - 1]->place;
        if ($hanging + $nth > Limits::FIXTURES) {
            throw Problem::at('count', 'out_of_range', \sprintf('A rig holds at most %d fixtures.', Limits::FIXTURES));
        }
        $this->manager->persist(PatchedFixture::hang($snapshot->rig, $revision, $mode, $name, $universe, $address, $last + $nth));
    }

    private static function usableMode(FixtureRevision $revision, string $modeKey): Mode
    {
        $profile = $revision->profile();
        $mode = $profile->mode($modeKey) ?? throw Problem::at('mode', 'unknown_mode', \sprintf('%s has no mode %s.', $profile->model, InputError::quote($modeKey)));
        if (0 === $mode->footprint()) {
            throw Problem::at('mode', 'mode_empty', \sprintf('Mode %s has no channels yet: write its chart first.', $mode->name));
        }

        return $mode;
    }

    private static function noRoom(Snapshot $snapshot, Mode $mode, int $count, int $placed, bool $atButtons): Problem
    {
        $channels = 1 === $mode->footprint() ? '1 channel' : $mode->footprint().' channels';

        return Problem::at('count', 'no_room', \sprintf(
            '%s: there is room for %d of %d units of %s %s universe %d.%s',
            $atButtons ? 'No free button is left' : 'No gap is long enough',
            $placed,
            $count,
            $channels,
            $atButtons ? 'at the desk\'s buttons in' : 'in',
            $snapshot->universe(),
            $atButtons ? ' Free addresses between them can still be used.' : '',
        ));
    }

    private static function say(int $universe, int $address): string
    {
        return \sprintf('%d.%03d', $universe, $address);
    }
}
