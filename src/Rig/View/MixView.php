<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Colour\SaidColour;
use Rigger\Core\Light\Solve\ColourReach;
use Rigger\Core\Rig\Unit;

/** A colour that is asked, and how units show it. */
final readonly class MixView
{
    /**
     * @param list<MixUnitView> $units those whose chart can be used
     * @param MeetView|null     $meet  a colour at which they come nearer to one another; null where there is none
     */
    public function __construct(public ?ColourView $colour, public array $units, public ?MeetView $meet)
    {
    }

    /** @param list<Unit> $units */
    public static function of(array $units, ?SaidColour $colour): self
    {
        $views = $reaches = [];
        foreach ($units as $unit) {
            $solver = $unit->at->solver();
            if (null !== $solver) {
                // Units of one mode reach the same.
                $reach = $reaches[$unit->at->identity] ??= new ColourReach($solver);
                $views[] = MixUnitView::of($unit, $reach, $colour?->chromaticity);
            }
        }

        return new self(
            null === $colour ? null : ColourView::of($colour->words(), $colour->chromaticity),
            $views,
            MeetView::of(array_values($reaches), $colour?->chromaticity),
        );
    }
}
