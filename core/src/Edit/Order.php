<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Mode;

/** The channels of a mode in another order, numbered from 1. */
final class Order
{
    /** @param list<Channel> $channels as they shall stand; fine channels keep their coarse ones */
    public static function of(Mode $mode, array $channels): Mode
    {
        $places = [];
        foreach ($channels as $index => $channel) {
            $places[$channel->offset] = $index + 1;
        }

        return $mode->withChannels(array_map(
            static fn (Channel $channel): Channel => $channel->at(
                $places[$channel->offset],
                null === $channel->fineOf ? null : ($places[$channel->fineOf] ?? $channel->fineOf),
            ),
            $channels,
        ));
    }
}
