<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Change;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Change\Plan\CoverWidth;
use Rigger\Core\Input\InputError;
use Rigger\Core\Position\BeamCover;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Tests\Rig\Rigs;
use Rigger\Core\Tests\Rig\SmallWorld;

/** Units side by side on the plan, as many as it takes. */
final class CoverWidthTest extends TestCase
{
    /** @return iterable<string, array{float, float, float, float, int}> beam, throw, width, overlap, count */
    public static function widths(): iterable
    {
        yield 'a wall of 6 m at 2.2 m and 36°' => [36.0, 2.2, 6.0, 0.0, 5];
        yield 'the same with a fifth of overlap' => [36.0, 2.2, 6.0, 0.2, 5];
        yield 'and with half' => [36.0, 2.2, 6.0, 0.5, 8];
        yield 'one is enough' => [90.0, 3.0, 5.9, 0.0, 1];
    }

    #[DataProvider('widths')]
    public function testTheyCoverTheWidthFromEndToEnd(float $beam, float $throw, float $width, float $overlap, int $count): void
    {
        $cover = BeamCover::of($beam, $throw, $width, $overlap);
        $places = $cover->places($width, 1.0);
        self::assertCount($count, $places);
        self::assertSame($count, $cover->count);
        // Whatever lies within the width is in some beam.
        for ($x = 1.0 - $width / 2; $x <= 1.0 + $width / 2; $x += $width / 40) {
            $nearest = min(array_map(static fn (float $place): float => abs($place - $x), $places));
            self::assertLessThanOrEqual($cover->diameter / 2 + 1e-9, $nearest);
        }
        self::assertEqualsWithDelta(1.0, ($places[0] + $places[\count($places) - 1]) / 2, 1e-9);
    }

    public function testTheyHangOnThePlan(): void
    {
        $demo = Rigs::demo();
        $drum = Rigs::named($demo, 'Drum 1')->revision();
        $applied = (new CoverWidth($drum->typeId, 'nine', 'Wall', 36.0, 2.2, 6.0, 0.0, 0.5, 3.0, 4.1))->applyTo($demo, new SmallWorld([$drum]));
        $new = array_map($applied->rig->unit(...), $applied->made);
        self::assertSame(['Wall 1', 'Wall 2', 'Wall 3', 'Wall 4', 'Wall 5'], array_map(static fn (Unit $unit): string => $unit->name, $new));
        // D = 2 · 2.2 · tan 18° = 1.4296; (6 − 1.4296) / 4 from one to the next, half of it less half a beam to the left.
        self::assertEqualsWithDelta([-1.785, -0.643, 0.5, 1.643, 2.785], array_map(static fn (Unit $unit): float => $unit->spot->x ?? 0.0, $new), 1e-3);
        self::assertSame([3.0, 4.1], [$new[0]->spot?->y, $new[0]->spot?->height]);
        self::assertSame([], array_filter($applied->rig->addresses()->relations, static fn ($one): bool => \in_array($one->a->id, $applied->made, true)));
    }

    public function testMoreThanAreHungAtOnceAreRefused(): void
    {
        $demo = Rigs::demo();
        $drum = Rigs::named($demo, 'Drum 1')->revision();
        $this->expectException(InputError::class);
        $this->expectExceptionMessage('units would be needed: at most 500 are hung at once.');
        (new CoverWidth($drum->typeId, 'nine', 'Wall', 1.0, 1.0, 900.0))->applyTo($demo, new SmallWorld([$drum]));
    }
}
