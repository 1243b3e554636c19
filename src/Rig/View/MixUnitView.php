<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Gamut;
use Rigger\Core\Colour\Uv;
use Rigger\Core\Light\Solve\ColourReach;
use Rigger\Core\Light\Solve\Way;
use Rigger\Core\Rig\Unit;

/** What colours one unit can mix, and each way to the one that is asked. */
final readonly class MixUnitView
{
    /**
     * @param list<ColourView> $emitters
     * @param list<CornerView> $corners  of what they can mix; a point, a line, or counter-clockwise
     * @param list<MixWayView> $ways     the brightest first; none where no colour is asked
     */
    public function __construct(public string $unitId, public array $emitters, public array $corners, public array $ways)
    {
    }

    public static function of(Unit $unit, ColourReach $reach, ?Chromaticity $colour): self
    {
        $emitters = $reach->emitters();
        $points = array_map(Uv::of(...), array_values($emitters));

        return new self(
            $unit->id,
            array_map(ColourView::of(...), array_keys($emitters), array_values($emitters)),
            [] === $points ? [] : array_map(
                static fn (Uv $corner): CornerView => new CornerView($corner->u, $corner->v),
                Gamut::of($points)->corners,
            ),
            null === $colour ? [] : array_map(static fn (Way $way): MixWayView => MixWayView::of($way), $reach->ways($colour)),
        );
    }
}
