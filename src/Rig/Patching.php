<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Types;
use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\AddressText;
use Rigger\Core\Patch\Span;
use Rigger\Core\Rig\Limits;
use Symfony\Component\Uid\Uuid;

/** Addresses, names and places of units that hang, and taking them down. */
final readonly class Patching
{
    public function __construct(private EntityManagerInterface $manager, private Types $types)
    {
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

    public function rename(Snapshot $snapshot, string $fixtureId, string $name): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $old = $fixture->name();
        $fixture->rename(Limits::name($name, 'name'));

        return \sprintf('Renamed %s to %s', $old, $fixture->name());
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

    private static function say(int $universe, int $address): string
    {
        return \sprintf('%d.%03d', $universe, $address);
    }
}
