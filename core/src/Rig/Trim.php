<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Curve\Travel;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\RangeFunction;

/** What stands between the faders and one unit: curves and limits of its channels, and pan or tilt turned round. */
final readonly class Trim
{
    /** @param list<ChannelCurve> $curves at most one a channel; one for a channel that the mode lacks does nothing */
    public function __construct(public array $curves = [], public ?Reversal $pan = null, public ?Reversal $tilt = null)
    {
    }

    public function isPlain(): bool
    {
        return [] === $this->curves && null === $this->pan && null === $this->tilt;
    }

    /**
     * What reaches each channel, for every value of its fader.
     *
     * @return array<int, string> 256 characters by place (offset − 1); channels that get what is sent are left out
     */
    public function tables(Mode $mode): array
    {
        $tables = [];
        foreach ($this->curves as $curve) {
            if (null !== $mode->channel($curve->channel) && !$curve->curve->isPlain()) {
                $tables[$curve->channel - 1] = Travel::of($curve->curve)->table();
            }
        }
        foreach ($mode->byOffset() as $channel) {
            if ($this->isTurned($mode, $channel)) {
                // 65535 − word is 255 − byte in both bytes.
                $place = $channel->offset - 1;
                $tables[$place] = strrev($tables[$place] ?? implode('', array_map(\chr(...), range(0, 255))));
            }
        }

        return $tables;
    }

    private function isTurned(Mode $mode, Channel $channel): bool
    {
        $coarse = $channel->isFine() ? $mode->channel((int) $channel->fineOf) : $channel;

        if (null === $coarse) {
            return false;
        }

        return (Reversal::InSoftware === $this->pan && $coarse->has(RangeFunction::Pan))
            || (Reversal::InSoftware === $this->tilt && $coarse->has(RangeFunction::Tilt));
    }
}
