<?php

declare(strict_types=1);

namespace Rigger\Core\Compare;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\RangeFunction;

/** A fixture's modes side by side: which of its functions each has and on which channels. */
final class ModeComparison
{
    /** @return list<FunctionRow> in the order in which the modes first have them, least channels first */
    public static function of(FixtureProfile $profile): array
    {
        $modes = $profile->modes;
        usort($modes, static fn (Mode $one, Mode $other): int => $one->footprint() <=> $other->footprint());
        $rows = [];
        foreach ($modes as $mode) {
            foreach ($mode->byOffset() as $channel) {
                foreach (self::functions($channel, $mode) as $function) {
                    $rows[$function][$mode->key][] = $channel->offset;
                }
            }
        }
        $result = [];
        foreach ($rows as $function => $channels) {
            $result[] = new FunctionRow($function, $channels);
        }

        return $result;
    }

    /** @return list<string> what a channel is for, as an operator says it */
    public static function functions(Channel $channel, Mode $mode): array
    {
        if ($channel->isFine()) {
            $coarse = $mode->channel((int) $channel->fineOf);

            return null === $coarse
                ? []
                : array_map(static fn (string $function): string => $function.' fine', \array_slice(self::functions($coarse, $mode), 0, 1));
        }
        $found = [];
        foreach ($channel->ranges as $range) {
            if (!\in_array($range->function, [RangeFunction::None, RangeFunction::Open, RangeFunction::Closed], true)) {
                $found[] = $range->emitter ?? str_replace('-', ' ', $range->function->value);
            }
        }

        return array_values(array_unique($found));
    }
}
