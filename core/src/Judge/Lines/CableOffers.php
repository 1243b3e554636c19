<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Change\Cable\AddRun;
use Rigger\Core\Change\Cable\LoadVan;
use Rigger\Core\Change\Cable\PutOnRun;
use Rigger\Core\Change\Cable\RemoveRun;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Proposal;
use Rigger\Core\Change\Refused;
use Rigger\Core\Line\Cable\CablePlan;
use Rigger\Core\Line\Cable\LaidRun;
use Rigger\Core\Line\Cable\Point;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\NotThere;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** Cable laid through the units of the stage plan, on one run and on more: what each would cost and give. */
final readonly class CableOffers
{
    /**
     * @param list<CableOffer> $offers     by their number of runs
     * @param list<string>     $offThePlan units that stand nowhere on the plan
     */
    private function __construct(public array $offers, public array $offThePlan)
    {
    }

    /** @throws Refused|NotThere when nothing can be laid, for want of a beginning or of units */
    public static function of(Rig $rig, CableWish $wish): self
    {
        $units = [] === $wish->units
            ? array_values(array_filter($rig->units, static fn (Unit $unit): bool => null === $unit->linkId && !$unit->isOut))
            : array_map(static fn (string $id): Unit => $rig->unit($id), array_values(array_unique($wish->units)));
        $from = self::beginning($rig, $wish);
        $points = $off = [];
        foreach ($units as $unit) {
            if (null === $unit->spot) {
                $off[] = $unit->id;
            } else {
                $points[] = self::point($unit->id, $unit->spot);
            }
        }
        if ([] === $points) {
            throw Refused::because('no_places', 'Put units on the stage plan first: cable is laid from place to place.');
        }
        $offers = [];
        for ($most = 1; $most <= min($wish->runs, CableWish::MOST_RUNS, \count($points)); ++$most) {
            $offers[] = self::offer($rig, $wish, $from, $points, $most);
        }

        return new self($offers, $off);
    }

    /** @param non-empty-list<Point> $points */
    private static function offer(Rig $rig, CableWish $wish, Point $from, array $points, int $most): CableOffer
    {
        // So many to each that as many runs come of it.
        $each = min($wish->perRun, (int) ceil(\count($points) / $most));
        $van = $rig->van;
        $plan = CablePlan::of($from, $points, $each, $most, $van->slack, $van->spare, $van->lengths);

        return new CableOffer($plan, self::proposal($rig, $wish, $plan, \count($points)));
    }

    private static function proposal(Rig $rig, CableWish $wish, CablePlan $plan, int $units): Proposal
    {
        $all = array_merge(...array_map(static fn (LaidRun $run): array => $run->order, $plan->runs));
        $left = self::emptied($rig, $all);
        $isHere = static fn (Run $run): bool => null !== $run->from && $run->from->splitterId === $wish->splitter;
        $emptied = array_values(array_filter($left, $isHere));
        $gone = [
            ...\array_slice($emptied, \count($plan->runs)),
            ...array_values(array_filter($left, static fn (Run $run): bool => !$isHere($run))),
        ];
        $changes = [];
        if (null !== $wish->desk) {
            $changes[] = new LoadVan(x: $wish->desk->x, y: $wish->desk->y, height: $wish->desk->height);
        }
        $changes = [...$changes, ...array_map(
            static fn (LaidRun $laid, int $nth): Change => isset($emptied[$nth])
                ? new PutOnRun($emptied[$nth]->id, $laid->order)
                : new AddRun($laid->order, splitter: $wish->splitter),
            $plan->runs,
            array_keys($plan->runs),
        ), ...array_map(static fn (Run $run): Change => new RemoveRun($run->id), $gone)];
        $runs = \count($plan->runs);

        return new Proposal(
            \sprintf('Lay %s on %s', 1 === $units ? 'it' : 'the '.$units, 1 === $runs ? 'one run' : $runs.' runs'),
            [] === $changes ? throw new \LogicException('Cable is laid for somebody.') : $changes,
        );
    }

    /**
     * Runs of which nothing would be left: those from there are laid anew, the others go.
     *
     * @param list<string> $units
     *
     * @return list<Run>
     */
    private static function emptied(Rig $rig, array $units): array
    {
        return array_values(array_filter(
            $rig->runs,
            static fn (Run $run): bool => null === $run->splitter() && [] === array_diff($run->unitIds(), $units),
        ));
    }

    private static function beginning(Rig $rig, CableWish $wish): Point
    {
        if (null !== $wish->splitter) {
            [$run, $place] = $rig->cabling()->placeOf($wish->splitter) ?? throw NotThere::runItem();
            $splitter = $run->items[$place]->splitter ?? throw NotThere::runItem();

            return null === $splitter->spot
                ? throw Refused::because('no_places', \sprintf('Say where %s stands: cable is laid from there.', $splitter->name))
                : self::point('', $splitter->spot);
        }
        $spot = $wish->desk ?? $rig->van->desk;

        return null === $spot
            ? throw Refused::because('no_places', 'Say where the desk stands: cable is laid from there.')
            : self::point('', $spot);
    }

    /** What stands nowhere in particular above the floor stands on it. */
    private static function point(string $id, Spot $spot): Point
    {
        return new Point($id, $spot->x, $spot->y, $spot->height ?? 0.0);
    }
}
