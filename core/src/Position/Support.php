<?php

declare(strict_types=1);

namespace Rigger\Core\Position;

/** A beam from one point to another, or a stand at one, that units hang from. */
final readonly class Support
{
    /** How near a unit has to be put to hang there, in metres. */
    public const REACH = 0.35;

    /** @param float $height above the stage floor, in metres */
    public function __construct(
        public SupportKind $kind,
        public string $name,
        public float $height,
        public float $fromX,
        public float $fromY,
        public float $toX,
        public float $toY,
    ) {
    }

    /** Where a unit hangs that is put at or near this point; null when that is too far from it. */
    public function hold(float $x, float $y): ?Spot
    {
        [$dx, $dy] = [$this->toX - $this->fromX, $this->toY - $this->fromY];
        $length = $dx ** 2 + $dy ** 2;
        $share = 0.0 === $length ? 0.0 : max(0.0, min(1.0, (($x - $this->fromX) * $dx + ($y - $this->fromY) * $dy) / $length));
        $spot = new Spot(round($this->fromX + $share * $dx, 2), round($this->fromY + $share * $dy, 2), $this->height);

        return hypot($spot->x - $x, $spot->y - $y) <= self::REACH ? $spot : null;
    }

    /**
     * The nearest of those that hold a unit put there.
     *
     * @param list<self> $supports
     *
     * @return array{self, Spot}|null
     */
    public static function nearest(array $supports, float $x, float $y): ?array
    {
        $best = null;
        $least = \INF;
        foreach ($supports as $support) {
            $spot = $support->hold($x, $y);
            $distance = null === $spot ? \INF : hypot($spot->x - $x, $spot->y - $y);
            if (null !== $spot && $distance < $least) {
                [$best, $least] = [[$support, $spot], $distance];
            }
        }

        return $best;
    }
}
