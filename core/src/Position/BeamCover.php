<?php

declare(strict_types=1);

namespace Rigger\Core\Position;

use Rigger\Core\Input\InputError;

/** How many beams side by side cover a width. */
final readonly class BeamCover
{
    private const NEAR = 1e-9;
    /** More than that nobody hangs. */
    private const MOST = 100_000;

    /**
     * @param float      $diameter of one beam where it falls, in metres
     * @param float|null $spacing  from centre to centre; null for a single one
     */
    private function __construct(public float $diameter, public int $count, public ?float $spacing)
    {
    }

    /**
     * Where their centres are, the outer ones flush with the ends of the width; a single one in the middle.
     *
     * @param float $width  in metres, as it was asked
     * @param float $centre of it
     *
     * @return non-empty-list<float> from left to right
     */
    public function places(float $width, float $centre = 0.0): array
    {
        if (null === $this->spacing) {
            return [$centre];
        }
        $first = $centre - ($width - $this->diameter) / 2;
        $spacing = $this->spacing;

        return array_map(static fn (int $nth): float => $first + $nth * $spacing, range(0, $this->count - 1));
    }

    /**
     * D = 2 · throw · tan(beam / 2); ⌈(width − D) / (D · (1 − overlap))⌉ + 1 of them, the outer ones flush with the ends.
     *
     * @param float $beamDegrees above 0 and below 180
     * @param float $throw       above 0, in metres
     * @param float $width       from 0, in metres
     * @param float $overlap     share of a beam that its neighbour covers too, 0 to below 1
     *
     * @throws InputError out_of_range for more than a hundred thousand, field "width"
     */
    public static function of(float $beamDegrees, float $throw, float $width, float $overlap): self
    {
        $diameter = 2 * $throw * tan(deg2rad($beamDegrees) / 2);
        if ($diameter >= $width - self::NEAR) {
            return new self($diameter, 1, null);
        }
        $count = ceil(($width - $diameter) / ($diameter * (1 - $overlap)) - self::NEAR) + 1;
        if ($count > self::MOST) {
            throw InputError::because('out_of_range', 'width', \sprintf('More than %d units would be needed for that width.', self::MOST));
        }

        return new self($diameter, (int) $count, ($width - $diameter) / ($count - 1));
    }
}
