<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Entity\Support;
use Rigger\App\Problem\Problem;
use Rigger\Core\Position\Lineup;
use Rigger\Core\Position\Spot;
use Rigger\Core\Position\Support as Held;
use Rigger\Core\Rig\Limits;

/** The stage plan: beams and stands, and where units hang from them. */
final readonly class StagePlan
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /**
     * Puts units where a hand let go of them; near a beam or stand they hang from it.
     *
     * @param non-empty-list<string> $fixtureIds they move together, as the first one does
     */
    public function put(Snapshot $snapshot, array $fixtureIds, float $x, float $y): string
    {
        $leader = $snapshot->fixture($fixtureIds[0]);
        $from = $leader->spot() ?? new Spot($x, $y);
        foreach ($fixtureIds as $id) {
            $fixture = $snapshot->fixture($id);
            $own = $fixture->spot() ?? $from;
            self::hang($snapshot, $fixture, self::within($own->x + $x - $from->x), self::within($own->y + $y - $from->y));
        }

        return 1 === \count($fixtureIds)
            ? \sprintf('Put %s %s', $leader->name(), $leader->spot()?->words() ?? '')
            : \sprintf('Moved %d units on the plan with %s', \count($fixtureIds), $leader->name());
    }

    /** Puts a unit where somebody typed, as it stands there. */
    public function place(Snapshot $snapshot, string $fixtureId, Spot $spot): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $fixture->putAt($spot);

        return \sprintf('Put %s %s', $fixture->name(), $spot->words());
    }

    public function takeOff(Snapshot $snapshot, string $fixtureId): string
    {
        $fixture = $snapshot->fixture($fixtureId);
        $fixture->putAt(null);

        return \sprintf('Took %s off the plan', $fixture->name());
    }

    /** @param list<string> $fixtureIds */
    public function lineUp(Snapshot $snapshot, array $fixtureIds, Lineup $how): string
    {
        $fixtures = array_values(array_filter(array_map($snapshot->fixture(...), $fixtureIds), static fn (PatchedFixture $one): bool => null !== $one->spot()));
        if (\count($fixtures) < (Lineup::Spread === $how ? 3 : 2)) {
            throw Problem::at('fixtureIds', 'missing', Lineup::Spread === $how ? 'Select three units or more that stand on the plan: the two outermost stay.' : 'Select two units or more that stand on the plan.');
        }
        $spots = array_map(static fn (PatchedFixture $one): Spot => $one->spot() ?? new Spot(0, 0), $fixtures);
        foreach ($how->apply($spots) as $index => $spot) {
            $fixtures[$index]->putAt($spot);
        }

        return \sprintf(match ($how) {
            Lineup::Row => 'Put %d units in one row',
            Lineup::Column => 'Put %d units one behind the other',
            Lineup::Spread => 'Spread %d units evenly',
        }, \count($fixtures));
    }

    /** Units without a spot go to the beam or stand that their hanging position names, side by side. */
    public function putByWords(Snapshot $snapshot): string
    {
        $put = 0;
        foreach ($snapshot->supports as $support) {
            $held = $support->held();
            $mine = array_values(array_filter($snapshot->fixtures, static fn (PatchedFixture $one): bool => null === $one->spot() && false !== mb_stripos($one->position() ?? '', $held->name)));
            foreach ($mine as $index => $fixture) {
                $share = ($index + 1) / (\count($mine) + 1);
                $fixture->putAt(new Spot(round($held->fromX + $share * ($held->toX - $held->fromX), 2), round($held->fromY + $share * ($held->toY - $held->fromY), 2), $held->height));
                ++$put;
            }
        }
        if (0 === $put) {
            throw Problem::conflict('nothing_to_do', 'No unit without a place names one of these beams or stands as where it hangs.');
        }

        return \sprintf('Put %d unit%s where their hanging positions say', $put, 1 === $put ? '' : 's');
    }

    public function raise(Snapshot $snapshot, Held $held): string
    {
        if (\count($snapshot->supports) >= Limits::SUPPORTS) {
            throw Problem::at('name', 'out_of_range', \sprintf('A rig holds at most %d beams and stands.', Limits::SUPPORTS));
        }
        $place = [] === $snapshot->supports ? 1 : $snapshot->supports[\count($snapshot->supports) - 1]->place + 1;
        $this->manager->persist(Support::in($snapshot->rig, $held, $place));

        return \sprintf('Added the %s %s', $held->kind->value, $held->name);
    }

    /** What hangs from it goes along. */
    public function change(Snapshot $snapshot, string $supportId, Held $held): string
    {
        $support = $snapshot->support($supportId);
        $others = self::held($snapshot);
        $old = $others[(int) array_search($support, $snapshot->supports, true)];
        $length = ($old->toX - $old->fromX) ** 2 + ($old->toY - $old->fromY) ** 2;
        foreach ($snapshot->fixtures as $fixture) {
            $spot = $fixture->spot();
            $nearest = null === $spot ? null : Held::nearest($others, $spot->x, $spot->y);
            if (null === $spot || null === $nearest || $nearest[0] !== $old) {
                continue;
            }
            $share = 0.0 === $length ? 0.0 : (($spot->x - $old->fromX) * ($old->toX - $old->fromX) + ($spot->y - $old->fromY) * ($old->toY - $old->fromY)) / $length;
            $fixture->putAt(new Spot(round($held->fromX + $share * ($held->toX - $held->fromX), 2), round($held->fromY + $share * ($held->toY - $held->fromY), 2), $held->height));
        }
        $support->put($held);

        return \sprintf('Changed the %s %s', $held->kind->value, $held->name);
    }

    public function strike(Snapshot $snapshot, string $supportId): string
    {
        $support = $snapshot->support($supportId);
        $this->manager->remove($support);

        return \sprintf('Took the %s %s off the plan', $support->held()->kind->value, $support->held()->name);
    }

    private static function hang(Snapshot $snapshot, PatchedFixture $fixture, float $x, float $y): void
    {
        [$support, $spot] = Held::nearest(self::held($snapshot), $x, $y) ?? [null, new Spot(round($x, 2), round($y, 2), $fixture->spot()?->height)];
        $fixture->putAt($spot);
        if (null !== $support && null === $fixture->position()) {
            $fixture->hangAt($support->name);
        }
    }

    /** @return list<Held> */
    private static function held(Snapshot $snapshot): array
    {
        return array_map(static fn (Support $one): Held => $one->held(), $snapshot->supports);
    }

    private static function within(float $metres): float
    {
        return max(-Spot::FARTHEST, min(Spot::FARTHEST, $metres));
    }
}
