<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Plan;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Patch\AddressCheck;
use Rigger\Core\Patch\Place;
use Rigger\Core\Patch\Placed;
use Rigger\Core\Patch\Span;
use Rigger\Core\Plan\AddressPlan;
use Rigger\Core\Plan\PlannedUnit;
use Rigger\Core\Plan\PlanTask;
use Rigger\Core\Plan\PlanUnit;
use Rigger\Core\Plan\Spacing;

/** Laws of every plan, and the fewest moves against all there are. */
final class AddressPlanTest extends TestCase
{
    use TestTrait;

    public function testNoPlanClashesMovesALockedUnitOrBreaksItsSpacing(): void
    {
        $this->limitTo(120)->forAll(
            Generators::choose(1, 10000000),
            Generators::choose(1, 14),
        )->then(function (int $seed, int $count): void {
            [$units, $spacing] = self::rig($seed, $count);
            $task = PlanTask::of($units, 2, $spacing);
            $this->assertLawful($units, AddressPlan::fresh($task), $spacing);
            $this->assertLawful($units, AddressPlan::fewest($task), $spacing);
        });
    }

    public function testFewestIsAsFewAsAnyWayOfStayingAllows(): void
    {
        $this->limitTo(60)->forAll(
            Generators::choose(1, 10000000),
            Generators::choose(1, 6),
        )->then(static function (int $seed, int $count): void {
            [$units, $spacing] = self::rig($seed, $count, 60, 240);
            $plan = AddressPlan::fewest(PlanTask::of($units, 2, $spacing));

            self::assertSame(BruteForce::best($units, 2, $spacing), [\count($plan->unplaced), $plan->changes()]);
        });
    }

    public function testFewestIsNeverMoreThanFirstFitInTheGivenOrder(): void
    {
        $this->limitTo(40)->forAll(
            Generators::choose(1, 10000000),
            Generators::choose(20, 80),
        )->then(static function (int $seed, int $count): void {
            [$units, $spacing] = self::rig($seed, $count, 1, 8);
            $kept = [];
            foreach ($units as $unit) {
                $fits = null !== $unit->now && $unit->now->address + $unit->footprint - 1 <= 512 && [] === array_filter(
                    $kept,
                    static fn (PlanUnit $one): bool => self::share($one, $unit),
                );
                if ($fits) {
                    $kept[] = $unit;
                }
            }
            $plan = AddressPlan::fewest(PlanTask::of($units, 4, $spacing));

            self::assertSame([], $plan->unplaced);
            self::assertLessThanOrEqual(\count($units) - \count($kept), $plan->changes());
        });
    }

    public function testFortyThatClashAreSolvedExactly(): void
    {
        // Ten heaps of four: one of each may stay.
        $units = [];
        for ($index = 0; $index < 40; ++$index) {
            $units[] = new PlanUnit('f'.$index, 'm', 9, new Place(1, 1 + 40 * ($index % 10) + intdiv($index, 10)));
        }

        self::assertSame(30, AddressPlan::fewest(PlanTask::of($units, 2, Spacing::packed()))->changes());
    }

    /**
     * @param list<PlanUnit> $units
     */
    private function assertLawful(array $units, AddressPlan $plan, Spacing $spacing): void
    {
        $byId = array_combine(array_map(static fn (PlanUnit $unit): string => $unit->id, $units), $units);
        $groups = [];
        foreach ($plan->placed as $placed) {
            $unit = $byId[$placed->id];
            $place = $placed->place;
            self::assertLessThanOrEqual(512, $place->address + $unit->footprint - 1);
            self::assertSame(!$place->equals($unit->now), $placed->isChanged);
            if ($unit->isLocked) {
                self::assertFalse($placed->isChanged);
            }
            $stays = [] !== array_filter(
                $units,
                static fn (PlanUnit $one): bool => ($one->id === $placed->id || $one->twinOf === $unit->twinOf && null !== $one->twinOf
                    || $one->id === $unit->twinOf || $one->twinOf === $placed->id)
                    && $place->equals($one->now),
            );
            self::assertTrue($stays || 0 === ($place->address - $spacing->first) % $spacing->step && $place->address >= $spacing->first);
            $groups[$unit->twinOf ?? $unit->id] = new Placed(
                $unit->twinOf ?? $unit->id,
                $place->universe,
                Span::at($place->address, $unit->footprint),
                $placed->id,
            );
        }
        self::assertSame([], AddressCheck::of(array_values($groups))->relations);
        foreach ($plan->placed as $placed) {
            $twin = $byId[$placed->id]->twinOf;
            $other = null === $twin ? [] : array_filter($plan->placed, static fn (PlannedUnit $unit): bool => $unit->id === $twin);
            foreach ($other as $one) {
                self::assertTrue($one->place->equals($placed->place));
            }
        }
        self::assertCount(\count($units), [...$plan->placed, ...$plan->unplaced]);
    }

    /** @return array{list<PlanUnit>, Spacing} */
    private static function rig(int $seed, int $count, int $least = 1, int $most = 90): array
    {
        mt_srand($seed);
        $spacing = match (mt_rand(0, 2)) {
            0 => Spacing::packed(),
            1 => Spacing::stride(mt_rand(8, 40), mt_rand(1, 20)),
            default => Spacing::round(mt_rand(5, 20)),
        };
        $spacing = $most < 20 ? Spacing::packed() : $spacing;
        $units = [];
        $locked = [];
        for ($index = 0; $index < $count; ++$index) {
            $footprint = mt_rand($least, $most);
            $now = mt_rand(0, 9) < 8 ? new Place(mt_rand(1, 2), mt_rand(1, 512 - $footprint + 1)) : null;
            $isLocked = null !== $now && $most >= 20 && 0 === mt_rand(0, 5);
            $unit = new PlanUnit('f'.$index, 'm'.$footprint, $footprint, $now, $isLocked);
            if ($isLocked && [] !== array_filter($locked, static fn (PlanUnit $one): bool => self::share($one, $unit))) {
                $unit = new PlanUnit('f'.$index, 'm'.$footprint, $footprint, $now);
            } elseif ($isLocked) {
                $locked[] = $unit;
            }
            $heads = array_values(array_filter($units, static fn (PlanUnit $unit): bool => null === $unit->twinOf));
            if ($most >= 20 && [] !== $heads && !$unit->isLocked && 0 === mt_rand(0, 5)) {
                $head = $heads[mt_rand(0, \count($heads) - 1)];
                $unit = new PlanUnit(
                    'f'.$index,
                    $head->mode,
                    $head->footprint,
                    null !== $now && $now->address + $head->footprint - 1 <= 512 ? $now : null,
                    false,
                    $head->id,
                );
            }
            $units[] = $unit;
        }

        return [$units, $spacing];
    }

    public static function share(PlanUnit $one, PlanUnit $other): bool
    {
        return null !== $one->now && null !== $other->now && $one->now->universe === $other->now->universe
            && $one->now->address < $other->now->address + $other->footprint && $other->now->address < $one->now->address + $one->footprint;
    }
}
