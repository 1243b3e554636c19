<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Colour;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Planckian;

final class PlanckianTest extends TestCase
{
    /**
     * Points of the Planckian line as tables print them; the fit is good to a few units of the third decimal.
     *
     * @return iterable<string, array{float, float, float}>
     */
    public static function published(): iterable
    {
        yield 'candle, 2000 K' => [2000, 0.5267, 0.4133];
        yield 'CIE illuminant A, 2856 K' => [2856, 0.4476, 0.4074];
        yield '4000 K' => [4000, 0.3805, 0.3768];
        yield '6500 K' => [6500, 0.3135, 0.3237];
        yield '10000 K' => [10000, 0.2807, 0.2884];
    }

    #[DataProvider('published')]
    public function testFollowsTheLine(float $kelvin, float $x, float $y): void
    {
        $white = Planckian::chromaticity($kelvin);
        self::assertEqualsWithDelta($x, $white->x, 0.003);
        self::assertEqualsWithDelta($y, $white->y, 0.003);
    }

    public function testRedFallsAsTheWhiteGrowsColder(): void
    {
        $before = 1.0;
        foreach (range(1000, 15000, 250) as $kelvin) {
            $x = Planckian::chromaticity($kelvin)->x;
            self::assertLessThan($before, $x);
            $before = $x;
        }
    }

    public function testIsHeldToWhereTheFitIsGood(): void
    {
        self::assertEquals(Planckian::chromaticity(1000), Planckian::chromaticity(10));
        self::assertEquals(Planckian::chromaticity(15000), Planckian::chromaticity(99999));
    }

    public function testDuvIsTheDistanceFromTheLinePositiveTowardsGreen(): void
    {
        foreach ([1200, 2700, 4000, 6500, 12000] as $kelvin) {
            $line = Planckian::chromaticity($kelvin);
            $green = Planckian::chromaticity($kelvin, 0.01);
            $pink = Planckian::chromaticity($kelvin, -0.01);
            self::assertEqualsWithDelta(0.01, self::distance($line, $green), 1e-9);
            self::assertEqualsWithDelta(0.01, self::distance($line, $pink), 1e-9);
            self::assertGreaterThan(self::uv($line)[1], self::uv($green)[1]);
            self::assertLessThan(self::uv($line)[1], self::uv($pink)[1]);
        }
    }

    private static function distance(Chromaticity $one, Chromaticity $other): float
    {
        [$u, $v] = self::uv($one);
        [$otherU, $otherV] = self::uv($other);

        return hypot($u - $otherU, $v - $otherV);
    }

    /** @return array{float, float} CIE 1960 */
    private static function uv(Chromaticity $colour): array
    {
        $divisor = -2 * $colour->x + 12 * $colour->y + 3;

        return [4 * $colour->x / $divisor, 6 * $colour->y / $divisor];
    }
}
