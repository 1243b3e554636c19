<?php

declare(strict_types=1);

namespace Rigger\Core\Curve;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\RangeFunction;

/** What a curve's floor leaves on when its fader is home: a blackout that takes the faders down does not take it out. */
final readonly class LeftLit
{
    /**
     * @param int   $value what reaches the channel at fader 0
     * @param float $level how far up that is in its range, above 0 and up to 1
     */
    private function __construct(public int $value, public float $level)
    {
    }

    /** @return self|null null where the channel gives no light at fader 0 */
    public static function of(Channel $channel, Curve $curve): ?self
    {
        $value = $curve->valueAt(0.0);
        $range = $channel->rangeAt($value);
        if (null === $range || !\in_array($range->function, [RangeFunction::Intensity, RangeFunction::Emitter], true)) {
            return null;
        }
        $level = $range->quantityAt($value) ?? 0.0;

        return $level > 0.0 ? new self($value, $level) : null;
    }
}
