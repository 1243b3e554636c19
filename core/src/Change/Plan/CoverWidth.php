<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Plan;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\Unit\AddUnits;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Position\BeamCover;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Figure;

/** Hangs as many units side by side on the plan as it takes to cover a width. */
final readonly class CoverWidth implements Change
{
    /** More than that are not hung at once. */
    private const MOST = 500;

    /**
     * @param float      $beam    angle of one beam, degrees
     * @param float      $throw   to what is lit, metres
     * @param float      $width   of it, metres
     * @param float      $overlap share of a beam that its neighbour covers too
     * @param float      $centre  of the width, metres to the right of the centre line
     * @param float      $y       of the units, metres upstage of the edge
     * @param float|null $height  of the units above the floor
     */
    public function __construct(
        public string $type,
        public string $mode,
        public string $name,
        #[Within(0.1, 179, 'A beam opens 0.1 to 179°.')] public float $beam,
        #[Within(0.01, 500, 'Light goes 0.01 to 500 m.')] public float $throw,
        #[Within(0, 1000, 'A width is 0 to 1,000 m.')] public float $width,
        #[Within(0, 0.95, 'Beams overlap by 0 to 95 %.')] public float $overlap = 0.0,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'Type metres from the centre line, -200 to 200.')] public float $centre = 0.0,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'Type metres from the stage edge, -200 to 200.')] public float $y = 0.0,
        #[Within(0, Spot::HIGHEST, 'Type metres above the floor, 0 to 60.')] public ?float $height = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $cover = BeamCover::of($this->beam, $this->throw, $this->width, $this->overlap);
        if ($cover->count > self::MOST) {
            throw InputError::because('out_of_range', 'width', \sprintf(
                '%d units would be needed: at most %d are hung at once.',
                $cover->count,
                self::MOST,
            ));
        }
        $hung = (new AddUnits($this->type, $this->mode, $cover->count, $this->name))->applyTo($rig, $world);
        $placed = $hung->rig;
        foreach ($cover->places($this->width, $this->centre) as $nth => $x) {
            $unit = $placed->unit($hung->made[$nth]);
            $placed = $placed->withUnits($unit->putAt(new Spot(round($x, 3), $this->y, $this->height)));
        }

        return new Applied($placed, \sprintf(
            '%s, over %s m',
            $hung->said,
            Figure::short($this->width),
        ), $hung->made);
    }
}
