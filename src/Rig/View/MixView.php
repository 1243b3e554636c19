<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Colour\SaidColour;
use Rigger\Core\Rig\Unit;

/** A colour that is asked, and how units show it. */
final readonly class MixView
{
    /** @param list<MixUnitView> $units those whose chart can be used */
    public function __construct(public ?ColourView $colour, public array $units)
    {
    }

    /** @param list<Unit> $units */
    public static function of(array $units, ?SaidColour $colour): self
    {
        $views = [];
        foreach ($units as $unit) {
            $solver = $unit->at->solver();
            if (null !== $solver) {
                $views[] = MixUnitView::of($unit, $solver, $colour?->chromaticity);
            }
        }

        return new self(null === $colour ? null : ColourView::of($colour->words(), $colour->chromaticity), $views);
    }
}
