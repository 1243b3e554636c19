<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Position;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Position\Lineup;
use Rigger\Core\Position\Spot;
use Rigger\Core\Position\Support;
use Rigger\Core\Position\SupportKind;

/** Spots in words, units that hang from beams, and lines of them. */
final class StagePlanTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{Spot, string}> */
    public static function spots(): iterable
    {
        yield 'left, upstage, high' => [new Spot(-1.2, 3.5, 4.1), '1.2 m left of centre, 3.5 m upstage, 4.1 m up'];
        yield 'in the house' => [new Spot(2.0, -1.0), '2 m right of centre, 1 m out in the house'];
        yield 'the middle of the edge' => [new Spot(0.0, 0.0, 0.0), 'on the centre line, at the stage edge, 0 m up'];
        yield 'a hair beside the line' => [new Spot(-0.02, 0.04), 'on the centre line, at the stage edge'];
    }

    #[DataProvider('spots')]
    public function testASpotIsSaidFromTheCentreAndTheEdge(Spot $spot, string $words): void
    {
        self::assertSame($words, $spot->words());
    }

    public function testABeamHoldsWhatIsPutNearIt(): void
    {
        $front = new Support(SupportKind::Beam, 'front beam', 4.1, -3.0, -1.0, 3.0, -1.0);
        $stand = new Support(SupportKind::Stand, 'stand', 2.2, 3.2, -1.0, 3.2, -1.0);
        self::assertEquals(new Spot(1.0, -1.0, 4.1), $front->hold(1.0, -0.7));
        self::assertEquals(new Spot(3.0, -1.0, 4.1), $front->hold(3.2, -1.1), 'its end, not beyond');
        self::assertNull($front->hold(1.0, -0.6));
        self::assertSame(
            [$stand, 'stand'],
            [Support::nearest([$front, $stand], 3.15, -1.0)[0] ?? null, Support::nearest([$front, $stand], 3.15, -1.0)[0]->name ?? null],
        );
        self::assertNull(Support::nearest([$front, $stand], 0.0, 5.0));
    }

    public function testWhatABeamHoldsIsOnItAndWithinReach(): void
    {
        $this->forAll(Generators::vector(6, Generators::choose(-500, 500)))->then(static function (array $of): void {
            [$fromX, $fromY, $toX, $toY, $x, $y] = array_map(static fn (int $one): float => $one / 100, $of);
            // One that is not held is put back on the beam, and is then.
            $beam = new Support(SupportKind::Beam, 'beam', 3.0, $fromX, $fromY, $toX, $toY);
            $held = $beam->hold($x, $y);
            if (null !== $held) {
                self::assertLessThanOrEqual(Support::REACH, hypot($held->x - $x, $held->y - $y));
            }
            $spot = $held ?? $beam->hold(($fromX + $toX) / 2, ($fromY + $toY) / 2);
            self::assertNotNull($spot);
            $again = $beam->hold($spot->x, $spot->y);
            self::assertNotNull($again);
            self::assertEqualsWithDelta(
                [$spot->x, $spot->y],
                [$again->x, $again->y],
                0.011,
                'what hangs stays where it hangs, to the centimetre',
            );
            self::assertEqualsWithDelta(
                hypot($toX - $fromX, $toY - $fromY),
                hypot($spot->x - $fromX, $spot->y - $fromY) + hypot($toX - $spot->x, $toY - $spot->y),
                0.03,
            );
        });
    }

    public function testLinesKeepHeightsAndTheOtherDirection(): void
    {
        $spots = [new Spot(-1, 1, 3.0), new Spot(2, 2), new Spot(0.5, 4, 1.0)];
        self::assertEquals([new Spot(-1, 2.5, 3.0), new Spot(2, 2.5), new Spot(0.5, 2.5, 1.0)], Lineup::Row->apply($spots));
        self::assertEquals([new Spot(0.5, 1, 3.0), new Spot(0.5, 2), new Spot(0.5, 4, 1.0)], Lineup::Column->apply($spots));
    }

    public function testSpreadKeepsTheOutermostAndTheOrderWithEvenSteps(): void
    {
        $this->forAll(Generators::vector(5, Generators::choose(-900, 900)))->then(static function (array $xs): void {
            $spread = Lineup::Spread->apply(array_values(array_map(static fn (int $x): Spot => new Spot($x / 100, 2.0), $xs)));
            $after = array_map(static fn (Spot $spot): float => $spot->x, $spread);
            $sorted = $after;
            sort($sorted);
            $given = array_values($xs);
            sort($given);
            self::assertEqualsWithDelta([$given[0] / 100, $given[4] / 100], [$sorted[0], $sorted[4]], 1e-9);
            $order = array_keys($xs);
            usort($order, static fn (int $a, int $b): int => [$xs[$a], $a] <=> [$xs[$b], $b]);
            $step = ($sorted[4] - $sorted[0]) / 4;
            foreach ($order as $rank => $index) {
                self::assertEqualsWithDelta($sorted[0] + $rank * $step, $after[$index], 0.006);
                self::assertSame(2.0, $spread[$index]->y);
            }
        });
    }
}
