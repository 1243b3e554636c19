<?php

declare(strict_types=1);

namespace Rigger\Core\Curve;

use Rigger\Core\Input\InputError;
use Rigger\Core\Number\Rounding;

/** A channel's curve and limits: a level from 0 to 1 to a value from `min` to `max`. */
final readonly class Curve
{
    /**
     * @param int                       $min    0 to 255
     * @param int                       $max    0 to 255, at least min
     * @param list<array{float, float}> $points of a table: level and output, levels strictly rising from exactly 0 to exactly 1
     *
     * @throws InputError limits_crossed, field "min"; bad_points, field "points"
     */
    public function __construct(public Shape $shape, public int $min, public int $max, public Bound $bound, public array $points = [])
    {
        if ($min > $max) {
            throw InputError::because('limits_crossed', 'min', \sprintf('The lower limit %d is above the upper limit %d.', $min, $max));
        }
        if (Shape::Table === $shape) {
            self::requirePoints($points);
        }
    }

    /**
     * Scale: round(min + c·(max − min)). Clamp: round(255·c) held between min and max. c is the shaped level.
     *
     * @param float $level 0 to 1
     */
    public function valueAt(float $level): int
    {
        $shaped = $this->shaped($level);

        return Bound::Scale === $this->bound
            ? Rounding::nearest($this->min + $shaped * ($this->max - $this->min))
            : min(max(Rounding::nearest(255 * $shaped), $this->min), $this->max);
    }

    /** Whether it leaves every value as it is. */
    public function isPlain(): bool
    {
        return Shape::Linear === $this->shape && 0 === $this->min && 255 === $this->max;
    }

    /** @return array{shape: string, min: int, max: int, bound: string, points?: list<array{float, float}>} */
    public function toArray(): array
    {
        return [
            'shape' => $this->shape->value,
            'min' => $this->min,
            'max' => $this->max,
            'bound' => $this->bound->value,
        ] + ([] === $this->points ? [] : ['points' => $this->points]);
    }

    private function shaped(float $level): float
    {
        return match ($this->shape) {
            Shape::Linear => $level,
            Shape::Square => $level ** 2,
            Shape::Root => sqrt($level),
            Shape::S => 3 * $level ** 2 - 2 * $level ** 3,
            Shape::Table => $this->between($level),
        };
    }

    private function between(float $level): float
    {
        [$from, $low] = $this->points[0];
        foreach ($this->points as [$to, $high]) {
            if ($level <= $to) {
                return $to === $from ? $high : $low + ($level - $from) / ($to - $from) * ($high - $low);
            }
            [$from, $low] = [$to, $high];
        }

        return $low;
    }

    /** @param list<array{float, float}> $points */
    private static function requirePoints(array $points): void
    {
        $isRight = \count($points) >= 2 && 0.0 === $points[0][0] && 1.0 === $points[\count($points) - 1][0];
        foreach ($points as $index => [$level, $output]) {
            $isRight = $isRight && $output >= 0.0 && $output <= 1.0 && (0 === $index || $level > $points[$index - 1][0]);
        }
        if (!$isRight) {
            throw InputError::because(
                'bad_points',
                'points',
                'A table needs two points or more, with levels rising from exactly 0 to exactly 1 and outputs from 0 to 1.',
            );
        }
    }
}
