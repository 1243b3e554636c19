<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

/** What several sources give together: their XYZ added up. */
final readonly class Mix
{
    /** @param Chromaticity|null $colour null where there is no light */
    private function __construct(public ?Chromaticity $colour, public float $luminance)
    {
    }

    /**
     * @param list<Source> $sources
     * @param list<float>  $levels  0 to 1, in the order of the sources
     */
    public static function of(array $sources, array $levels): self
    {
        $x = $y = $z = 0.0;
        foreach ($sources as $index => $source) {
            if ($levels[$index] > 0.0 && $source->flux > 0.0) {
                $xyz = $source->chromaticity->toXyz($levels[$index] * $source->flux);
                [$x, $y, $z] = [$x + $xyz[0], $y + $xyz[1], $z + $xyz[2]];
            }
        }
        $sum = $x + $y + $z;

        return new self($y > 0.0 ? Chromaticity::of($x / $sum, $y / $sum) : null, $y);
    }
}
