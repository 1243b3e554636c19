<?php

declare(strict_types=1);

namespace Rigger\App\Http\Lines\Input;

use Rigger\Core\Position\BeamCover;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class Cover
{
    /**
     * @param float $beam    angle of one beam, degrees
     * @param float $throw   to what is lit, metres
     * @param float $width   of it, metres
     * @param float $overlap share of a beam that its neighbour covers too
     */
    public function __construct(
        #[Assert\Range(notInRangeMessage: 'A beam opens 0.1 to 179°.', min: 0.1, max: 179)] public float $beam,
        #[Assert\Range(notInRangeMessage: 'Light goes 0.01 to 500 m.', min: 0.01, max: 500)] public float $throw,
        #[Assert\Range(notInRangeMessage: 'A width is 0 to 1,000 m.', min: 0, max: 1000)] public float $width,
        #[Assert\Range(notInRangeMessage: 'Beams overlap by 0 to 95 %.', min: 0, max: 0.95)] public float $overlap = 0.0,
    ) {
    }

    public function cover(): BeamCover
    {
        return BeamCover::of($this->beam, $this->throw, $this->width, $this->overlap);
    }
}
