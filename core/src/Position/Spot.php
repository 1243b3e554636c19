<?php

declare(strict_types=1);

namespace Rigger\Core\Position;

use Rigger\Core\Text\Figure;

/**
 * A point of the stage plan in metres, seen from above: x grows towards the right of somebody in the audience, y away from
 * them, from the stage's edge at 0.
 */
final readonly class Spot
{
    public const FARTHEST = 200.0;
    public const HIGHEST = 60.0;

    /** @param float|null $height above the stage floor; null where nobody has said */
    public function __construct(public float $x, public float $y, public ?float $height = null)
    {
    }

    /** "1.2 m left of centre, 3.5 m upstage". */
    public function words(): string
    {
        $x = round($this->x, 1);
        $y = round($this->y, 1);

        return (0.0 === abs($x) ? 'on the centre line' : \sprintf(
            '%s m %s of centre',
            self::metres(abs($x)),
            $x < 0 ? 'left' : 'right',
        )).', '
            .(0.0 === abs($y) ? 'at the stage edge' : \sprintf('%s m %s', self::metres(abs($y)), $y < 0 ? 'out in the house' : 'upstage'))
            .(null === $this->height ? '' : \sprintf(', %s m up', self::metres($this->height)));
    }

    private static function metres(float $metres): string
    {
        return Figure::short($metres, 1);
    }
}
