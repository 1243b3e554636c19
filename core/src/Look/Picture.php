<?php

declare(strict_types=1);

namespace Rigger\Core\Look;

use Rigger\Core\Colour\Srgb;

/** A picture in sRGB, from whose parts units take their light. */
final class Picture
{
    /** A pixel's middle this near to an area's edge, in shares of the picture, lies on it. */
    private const NEAR = 1e-9;

    /** @var array<int|string, float> by byte */
    private array $linear = [];

    /**
     * @param positive-int $width  pixels
     * @param positive-int $height
     * @param string       $bytes  red, green and blue of each pixel, rows from the top
     */
    public function __construct(private readonly int $width, private readonly int $height, private readonly string $bytes)
    {
        for ($value = 0; $value < 256; ++$value) {
            $this->linear[\chr($value)] = Srgb::linear($value / 255);
        }
    }

    /**
     * The mean of an area's light: of the pixels whose middle lies in it, else of the one in which its own middle lies.
     *
     * @return array{float, float, float} red, green and blue, linear, 0 to 1
     */
    public function mean(Area $area): array
    {
        [$left, $right] = self::cover($area->x, $area->width, $this->width);
        [$top, $bottom] = self::cover($area->y, $area->height, $this->height);
        if ($left >= $right || $top >= $bottom) {
            $left = self::at($area->x + $area->width / 2, $this->width);
            $top = self::at($area->y + $area->height / 2, $this->height);
            [$right, $bottom] = [$left + 1, $top + 1];
        }
        $linear = $this->linear;
        $red = $green = $blue = 0.0;
        for ($row = $top; $row < $bottom; ++$row) {
            $bytes = substr($this->bytes, 3 * ($row * $this->width + $left), 3 * ($right - $left));
            for ($at = 0, $end = \strlen($bytes); $at < $end; $at += 3) {
                $red += $linear[$bytes[$at]];
                $green += $linear[$bytes[$at + 1]];
                $blue += $linear[$bytes[$at + 2]];
            }
        }
        $count = ($right - $left) * ($bottom - $top);

        return [$red / $count, $green / $count, $blue / $count];
    }

    /** @return array{int, int} first pixel whose middle lies in the stretch, and the one after the last */
    private static function cover(float $from, float $length, int $pixels): array
    {
        // The middle of pixel i stands at (i + ½)/pixels; the edge before is in, the one behind is out.
        $first = static fn (float $edge): int => max(0, min($pixels, (int) ceil(($edge - self::NEAR) * $pixels - 0.5)));

        return [$first($from), $first($from + $length)];
    }

    private static function at(float $share, int $pixels): int
    {
        return max(0, min($pixels - 1, (int) floor(($share + self::NEAR) * $pixels)));
    }
}
