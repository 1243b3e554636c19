<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Uv;
use Rigger\Core\Light\Solve\ColourReach;
use Rigger\Core\Light\Solve\MeetingPoint;

/** A colour at which units that differ come nearer to one another than at the one that is asked. */
final readonly class MeetView
{
    /** Less than this is not worth another colour. */
    private const WORTH = 0.002;

    /**
     * @param float $worst Δu′v′ of whoever is farthest off there
     * @param float $away  Δu′v′ from the colour that is asked
     */
    public function __construct(public ColourView $colour, public float $worst, public float $away)
    {
    }

    /** @param list<ColourReach> $units */
    public static function of(array $units, ?Chromaticity $asked): ?self
    {
        if (\count($units) < 2 || null === $asked) {
            return null;
        }
        $target = Uv::of($asked);
        $now = max(array_map(static fn (ColourReach $unit): float => $unit->nearest($target)->distance($target), $units));
        $meeting = MeetingPoint::of($units, $asked);

        return $meeting->worst > $now - self::WORTH ? null : new self(
            ColourView::of('meet', $meeting->colour),
            $meeting->worst,
            Uv::of($meeting->colour)->distance($target),
        );
    }
}
