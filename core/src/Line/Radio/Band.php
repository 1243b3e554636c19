<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

use Rigger\Core\Text\Figure;

/** A stretch of frequencies in MHz. */
final readonly class Band
{
    /** Channels of a house network at 2.4 GHz (IEEE 802.11): 5 MHz apart from 2412, each 22 MHz wide. */
    public const HOUSE_CHANNELS = 13;
    private const FIRST_HOUSE = 2412.0;
    private const STEP = 5.0;
    private const HOUSE_WIDTH = 22.0;
    private const NEAR = 1e-9;

    private function __construct(public float $from, public float $to)
    {
    }

    public static function around(float $centre, float $width): self
    {
        return new self($centre - $width / 2, $centre + $width / 2);
    }

    /** @param int $channel 1 to 13 */
    public static function ofHouse(int $channel): self
    {
        return self::around(self::FIRST_HOUSE + self::STEP * ($channel - 1), self::HOUSE_WIDTH);
    }

    /** Whether the two share more than an edge. */
    public function meets(self $other): bool
    {
        return $this->from < $other->to - self::NEAR && $other->from < $this->to - self::NEAR;
    }

    /** "2403–2407 MHz". */
    public function words(): string
    {
        return \sprintf('%s–%s MHz', self::short($this->from), self::short($this->to));
    }

    private static function short(float $mhz): string
    {
        return Figure::short($mhz, 1);
    }
}
