<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

/** Every colour that some sources can mix: the convex hull of theirs in (u′, v′), which may be a line or a single point. */
final readonly class Gamut
{
    /** Colours this near are the same. */
    private const NEAR = 1e-9;

    /** @param list<Uv> $corners counter-clockwise; two of a line, one of a point */
    private function __construct(public array $corners)
    {
    }

    /** @param non-empty-list<Uv> $points */
    public static function of(array $points): self
    {
        usort($points, static fn (Uv $a, Uv $b): int => [$a->u, $a->v] <=> [$b->u, $b->v]);
        // Andrew's monotone chain: the lower side from left to right, then the upper one back.
        $lower = self::chain($points);
        $upper = self::chain(array_reverse($points));
        array_pop($lower);
        array_pop($upper);
        $corners = [...$lower, ...$upper];
        if ([] === $corners) {
            return new self([$points[0]]);
        }

        return new self(self::isLine($corners) ? self::ends($corners) : $corners);
    }

    /** The nearest colour that can be mixed, and on which side of the hull it lies. */
    public function nearest(Uv $target): Reached
    {
        $count = \count($this->corners);
        if (1 === $count) {
            return Reached::atPoint($this->corners[0]);
        }
        $isInside = $count > 2;
        $best = null;
        $least = \INF;
        // Of a line there is one side only.
        for ($index = 0; $index < (2 === $count ? 1 : $count); ++$index) {
            $from = $this->corners[$index];
            $to = $this->corners[($index + 1) % $count];
            $length = $from->distance($to);
            $isInside = $isInside && self::turn($from, $to, $target) > self::NEAR * $length;
            $along = (($target->u - $from->u) * ($to->u - $from->u) + ($target->v - $from->v) * ($to->v - $from->v)) / $length ** 2;
            $share = min(1.0, max(0.0, $along));
            $point = $from->towards($to, $share);
            $distance = $point->distance($target);
            if ($distance < $least) {
                $least = $distance;
                $best = match (true) {
                    $point->distance($from) <= self::NEAR => Reached::atPoint($from),
                    $point->distance($to) <= self::NEAR => Reached::atPoint($to),
                    default => Reached::onSide($point, $from, $to),
                };
            }
        }

        return $isInside || null === $best ? Reached::inside($target) : $best;
    }

    /**
     * @param list<Uv> $points
     *
     * @return list<Uv>
     */
    private static function chain(array $points): array
    {
        $chain = [];
        foreach ($points as $point) {
            while (\count($chain) > 1 && self::turn($chain[\count($chain) - 2], $chain[\count($chain) - 1], $point) <= 0.0) {
                array_pop($chain);
            }
            $last = end($chain);
            if (false === $last || $last->distance($point) > self::NEAR) {
                $chain[] = $point;
            }
        }

        return $chain;
    }

    /** @param list<Uv> $corners */
    private static function isLine(array $corners): bool
    {
        [$from, $to] = self::ends($corners);
        foreach ($corners as $corner) {
            if (abs(self::turn($from, $to, $corner)) > self::NEAR * $from->distance($to)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<Uv> $corners
     *
     * @return array{Uv, Uv} the two that are farthest apart
     */
    private static function ends(array $corners): array
    {
        $ends = [$corners[0], $corners[0]];
        $most = -1.0;
        foreach ($corners as $index => $one) {
            foreach (\array_slice($corners, $index + 1) as $other) {
                if ($one->distance($other) > $most) {
                    $most = $one->distance($other);
                    $ends = [$one, $other];
                }
            }
        }

        return $ends;
    }

    /** Twice the area of the triangle, positive where the way turns left. */
    private static function turn(Uv $from, Uv $to, Uv $point): float
    {
        return ($to->u - $from->u) * ($point->v - $from->v) - ($to->v - $from->v) * ($point->u - $from->u);
    }
}
