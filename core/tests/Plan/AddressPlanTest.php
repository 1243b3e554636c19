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
use Rigger\Core\Plan\PlacedFixture;
use Rigger\Core\Plan\PlanFixture;
use Rigger\Core\Plan\PlanTask;
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
            [$fixtures, $spacing] = self::rig($seed, $count);
            $task = PlanTask::of($fixtures, 2, $spacing);
            $this->assertLawful($fixtures, AddressPlan::fresh($task), $spacing);
            $this->assertLawful($fixtures, AddressPlan::fewest($task), $spacing);
        });
    }

    public function testFewestIsAsFewAsAnyWayOfStayingAllows(): void
    {
        $this->limitTo(60)->forAll(
            Generators::choose(1, 10000000),
            Generators::choose(1, 6),
        )->then(static function (int $seed, int $count): void {
            [$fixtures, $spacing] = self::rig($seed, $count, 60, 240);
            $plan = AddressPlan::fewest(PlanTask::of($fixtures, 2, $spacing));

            self::assertSame(BruteForce::best($fixtures, 2, $spacing), [\count($plan->unplaced), $plan->changes()]);
        });
    }

    public function testFewestIsNeverMoreThanFirstFitInTheGivenOrder(): void
    {
        $this->limitTo(40)->forAll(
            Generators::choose(1, 10000000),
            Generators::choose(20, 80),
        )->then(static function (int $seed, int $count): void {
            [$fixtures, $spacing] = self::rig($seed, $count, 1, 8);
            $kept = [];
            foreach ($fixtures as $fixture) {
                $fits = null !== $fixture->now && $fixture->now->address + $fixture->footprint - 1 <= 512 && [] === array_filter(
                    $kept,
                    static fn (PlanFixture $one): bool => self::share($one, $fixture),
                );
                if ($fits) {
                    $kept[] = $fixture;
                }
            }
            $plan = AddressPlan::fewest(PlanTask::of($fixtures, 4, $spacing));

            self::assertSame([], $plan->unplaced);
            self::assertLessThanOrEqual(\count($fixtures) - \count($kept), $plan->changes());
        });
    }

    public function testFortyThatClashAreSolvedExactly(): void
    {
        // Ten heaps of four: one of each may stay.
        $fixtures = [];
        for ($index = 0; $index < 40; ++$index) {
            $fixtures[] = new PlanFixture('f'.$index, 'm', 9, new Place(1, 1 + 40 * ($index % 10) + intdiv($index, 10)));
        }

        self::assertSame(30, AddressPlan::fewest(PlanTask::of($fixtures, 2, Spacing::packed()))->changes());
    }

    /**
     * @param list<PlanFixture> $fixtures
     */
    private function assertLawful(array $fixtures, AddressPlan $plan, Spacing $spacing): void
    {
        $byId = array_combine(array_map(static fn (PlanFixture $one): string => $one->id, $fixtures), $fixtures);
        $groups = [];
        foreach ($plan->placed as $placed) {
            $fixture = $byId[$placed->id];
            $place = $placed->place;
            self::assertLessThanOrEqual(512, $place->address + $fixture->footprint - 1);
            self::assertSame(!$place->equals($fixture->now), $placed->isChanged);
            if ($fixture->isLocked) {
                self::assertFalse($placed->isChanged);
            }
            $stays = [] !== array_filter(
                $fixtures,
                static fn (PlanFixture $one): bool => ($one->id === $placed->id || $one->twinOf === $fixture->twinOf && null !== $one->twinOf || $one->id === $fixture->twinOf || $one->twinOf === $placed->id)
                    && $place->equals($one->now),
            );
            self::assertTrue($stays || 0 === ($place->address - $spacing->first) % $spacing->step && $place->address >= $spacing->first);
            $groups[$fixture->twinOf ?? $fixture->id] = new Placed(
                $fixture->twinOf ?? $fixture->id,
                $place->universe,
                Span::at($place->address, $fixture->footprint),
                $placed->id,
            );
        }
        self::assertSame([], AddressCheck::of(array_values($groups))->relations);
        foreach ($plan->placed as $placed) {
            $twin = $byId[$placed->id]->twinOf;
            $other = null === $twin ? [] : array_filter($plan->placed, static fn (PlacedFixture $one): bool => $one->id === $twin);
            foreach ($other as $one) {
                self::assertTrue($one->place->equals($placed->place));
            }
        }
        self::assertCount(\count($fixtures), [...$plan->placed, ...$plan->unplaced]);
    }

    /** @return array{list<PlanFixture>, Spacing} */
    private static function rig(int $seed, int $count, int $least = 1, int $most = 90): array
    {
        mt_srand($seed);
        $spacing = match (mt_rand(0, 2)) {
            0 => Spacing::packed(),
            1 => Spacing::stride(mt_rand(8, 40), mt_rand(1, 20)),
            default => Spacing::round(mt_rand(5, 20)),
        };
        $spacing = $most < 20 ? Spacing::packed() : $spacing;
        $fixtures = [];
        $locked = [];
        for ($index = 0; $index < $count; ++$index) {
            $footprint = mt_rand($least, $most);
            $now = mt_rand(0, 9) < 8 ? new Place(mt_rand(1, 2), mt_rand(1, 512 - $footprint + 1)) : null;
            $isLocked = null !== $now && $most >= 20 && 0 === mt_rand(0, 5);
            $fixture = new PlanFixture('f'.$index, 'm'.$footprint, $footprint, $now, $isLocked);
            if ($isLocked && [] !== array_filter($locked, static fn (PlanFixture $one): bool => self::share($one, $fixture))) {
                $fixture = new PlanFixture('f'.$index, 'm'.$footprint, $footprint, $now);
            } elseif ($isLocked) {
                $locked[] = $fixture;
            }
            $heads = array_values(array_filter($fixtures, static fn (PlanFixture $one): bool => null === $one->twinOf));
            if ($most >= 20 && [] !== $heads && !$fixture->isLocked && 0 === mt_rand(0, 5)) {
                $head = $heads[mt_rand(0, \count($heads) - 1)];
                $fixture = new PlanFixture(
                    'f'.$index,
                    $head->mode,
                    $head->footprint,
                    null !== $now && $now->address + $head->footprint - 1 <= 512 ? $now : null,
                    false,
                    $head->id,
                );
            }
            $fixtures[] = $fixture;
        }

        return [$fixtures, $spacing];
    }

    public static function share(PlanFixture $one, PlanFixture $other): bool
    {
        return null !== $one->now && null !== $other->now && $one->now->universe === $other->now->universe
            && $one->now->address < $other->now->address + $other->footprint && $other->now->address < $one->now->address + $one->footprint;
    }
}
