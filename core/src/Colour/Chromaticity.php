<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

use Rigger\Core\Input\InputError;

/**
 * A colour without its brightness: CIE 1931 2° x and y, with y above 0.
 *
 * What is given must be a real colour, x + y at most 1; what is computed may lie just outside, as a candle white moved by a tint.
 */
final readonly class Chromaticity
{
    private function __construct(public float $x, public float $y)
    {
        if (!($y > 0.0)) {
            throw InputError::outOfRange('y', $y, 'above 0, with x + y at most 1');
        }
    }

    /** @throws InputError out_of_range, field "y" */
    public static function of(float $x, float $y): self
    {
        if (!($x >= 0.0 && $x + $y <= 1.0 + 1e-9)) {
            throw InputError::outOfRange('y', $y, 'above 0, with x + y at most 1');
        }

        return new self($x, $y);
    }

    /**
     * From CIE 1960 (u, v): x = 3u/(2u − 8v + 4), y = 2v/(2u − 8v + 4).
     */
    public static function ofUv1960(float $u, float $v): self
    {
        $divisor = 2 * $u - 8 * $v + 4;

        return new self(3 * $u / $divisor, 2 * $v / $divisor);
    }

    /** @return array{float, float, float} XYZ at this luminance Y */
    public function toXyz(float $luminance): array
    {
        return [$luminance * $this->x / $this->y, $luminance, $luminance * (1 - $this->x - $this->y) / $this->y];
    }
}
