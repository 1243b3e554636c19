<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Plan;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Patch\Place;
use Rigger\Core\Plan\AddressPlan;
use Rigger\Core\Plan\PlannedUnit;
use Rigger\Core\Plan\PlanTask;
use Rigger\Core\Plan\PlanUnit;
use Rigger\Core\Plan\Spacing;

/** Blocks of a type with spare room between. */
final class TypeBlocksTest extends TestCase
{
    use TestTrait;

    public function testUnitsOfATypeStandTogetherWithRoomBehindThem(): void
    {
        $plan = AddressPlan::blocks(PlanTask::of([
            new PlanUnit('a', 'wash', 9, null, false, null),
            new PlanUnit('b', 'spot', 11, null, false, null),
            new PlanUnit('c', 'wash', 9, null, false, null),
            new PlanUnit('d', 'wash', 9, new Place(1, 5), false, 'c'),
        ], 1, Spacing::packed()), 10);
        self::assertSame(
            ['a' => 1, 'b' => 29, 'c' => 10, 'd' => 10],
            array_combine(
                array_map(static fn (PlannedUnit $unit): string => $unit->id, $plan->placed),
                array_map(static fn (PlannedUnit $unit): int => $unit->place->address, $plan->placed),
            ),
        );
    }

    public function testBlocksNeverClashNeverMoveALockedUnitAndKeepTheSpare(): void
    {
        $this->limitTo(80)->forAll(
            Generators::vector(14, Generators::tuple(Generators::choose(0, 2), Generators::choose(1, 480), Generators::choose(0, 5))),
            Generators::choose(0, 30),
        )->then(static function (array $wishes, int $spare): void {
            $locked = [];
            $units = [];
            foreach ($wishes as $index => [$kind, $address, $lock]) {
                $footprint = [4, 9, 16][$kind];
                $span = range($address, $address + $footprint - 1);
                $isLocked = 0 === $lock && [] === array_intersect($span, $locked);
                $locked = $isLocked ? [...$locked, ...$span] : $locked;
                $units[] = new PlanUnit('u'.$index, 'kind'.$kind, $footprint, new Place(1, $address), $isLocked, null);
            }
            $plan = AddressPlan::blocks(PlanTask::of($units, 2, Spacing::packed()), $spare);
            $taken = [];
            $ends = [];
            foreach ($plan->placed as $placed) {
                $unit = $units[(int) substr($placed->id, 1)];
                if ($unit->isLocked) {
                    self::assertEquals($unit->now, $placed->place);
                }
                for ($slot = $placed->place->address; $slot < $placed->place->address + $unit->footprint; ++$slot) {
                    self::assertLessThanOrEqual(512, $slot);
                    self::assertArrayNotHasKey($placed->place->universe.'/'.$slot, $taken);
                    $taken[$placed->place->universe.'/'.$slot] = true;
                }
                if (!$unit->isLocked && 1 === $placed->place->universe) {
                    $ends[$unit->mode][] = [$placed->place->address, $placed->place->address + $unit->footprint - 1];
                }
            }
            self::assertSame([], $plan->unplaced);
            $blocks = array_map(
                static fn (array $spans): array => [min(array_column($spans, 0)), max(array_column($spans, 1))],
                array_values($ends),
            );
            usort($blocks, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
            foreach (\array_slice($blocks, 1) as $index => $block) {
                self::assertGreaterThan($blocks[$index][1] + $spare, $block[0]);
            }
        });
    }
}
