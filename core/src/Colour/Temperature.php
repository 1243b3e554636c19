<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

/** The white that a colour is nearest to: a point of the Planckian line in CIE 1960 (u, v), 1000 to 15000 K, and how far off it lies. */
final readonly class Temperature
{
    /** Farther off than this a colour is no white. */
    public const FARTHEST = 0.05;
    private const STEPS = 120;
    private const GOLDEN = 0.6180339887498949;

    /** @param float $duv positive towards green, above the line */
    private function __construct(public float $kelvin, public float $duv)
    {
    }

    public static function of(Chromaticity $colour): self
    {
        $at = static fn (float $mired): float => self::squared($colour, 1e6 / $mired);
        [$hot, $cold] = [1e6 / Planckian::HOTTEST, 1e6 / Planckian::COLDEST];
        $step = ($cold - $hot) / self::STEPS;
        $best = $hot;
        $least = \INF;
        // Steps of equal mired look about equally far; the line has one nearest place between two of them.
        for ($index = 0; $index <= self::STEPS; ++$index) {
            $distance = $at($hot + $index * $step);
            if ($distance < $least) {
                [$least, $best] = [$distance, $hot + $index * $step];
            }
        }
        $kelvin = 1e6 / self::lowest($at, max($hot, $best - $step), min($cold, $best + $step));
        foreach ([Planckian::HOTTEST, Planckian::COLDEST] as $end) {
            if (self::squared($colour, $end) <= self::squared($colour, $kelvin)) {
                $kelvin = $end;
            }
        }
        [$u, $v] = self::uv1960($colour);
        [$lineU, $lineV] = self::uv1960(Planckian::chromaticity($kelvin));
        [$upU, $upV] = self::uv1960(Planckian::chromaticity($kelvin, 1e-6));
        $side = ($u - $lineU) * ($upU - $lineU) + ($v - $lineV) * ($upV - $lineV);

        return new self($kelvin, ($side < 0 ? -1 : 1) * hypot($u - $lineU, $v - $lineV));
    }

    public function isWhite(): bool
    {
        return abs($this->duv) <= self::FARTHEST;
    }

    private static function squared(Chromaticity $colour, float $kelvin): float
    {
        [$u, $v] = self::uv1960($colour);
        [$lineU, $lineV] = self::uv1960(Planckian::chromaticity($kelvin));

        return ($u - $lineU) ** 2 + ($v - $lineV) ** 2;
    }

    /** @return array{float, float} u = 4x/(−2x + 12y + 3), v = 6y/(−2x + 12y + 3) */
    private static function uv1960(Chromaticity $colour): array
    {
        $divisor = -2 * $colour->x + 12 * $colour->y + 3;

        return [4 * $colour->x / $divisor, 6 * $colour->y / $divisor];
    }

    /**
     * Golden section.
     *
     * @param callable(float): float $at falling, then rising
     */
    private static function lowest(callable $at, float $from, float $to): float
    {
        [$one, $other] = [$to - self::GOLDEN * ($to - $from), $from + self::GOLDEN * ($to - $from)];
        [$atOne, $atOther] = [$at($one), $at($other)];
        while ($to - $from > 1e-7) {
            if ($atOne <= $atOther) {
                [$to, $other, $atOther] = [$other, $one, $atOne];
                $one = $to - self::GOLDEN * ($to - $from);
                $atOne = $at($one);
            } else {
                [$from, $one, $atOne] = [$one, $other, $atOther];
                $other = $from + self::GOLDEN * ($to - $from);
                $atOther = $at($other);
            }
        }

        return ($from + $to) / 2;
    }
}
