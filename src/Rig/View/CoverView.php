<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Position\BeamCover;

/** How many units cover a width. */
final readonly class CoverView
{
    /** More than that are not drawn. */
    private const DRAWN = 100;

    /**
     * @param float       $diameter of one beam where it falls, metres
     * @param float|null  $spacing  from unit to unit; null for a single one
     * @param list<float> $places   of their centres from the middle, as many as can be drawn
     */
    public function __construct(public float $diameter, public int $count, public ?float $spacing, public array $places)
    {
    }

    public static function of(BeamCover $cover, float $width): self
    {
        return new self(
            round($cover->diameter, 3),
            $cover->count,
            null === $cover->spacing ? null : round($cover->spacing, 3),
            array_map(static fn (float $x): float => round($x, 3), \array_slice($cover->places($width), 0, self::DRAWN)),
        );
    }
}
