<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;

/** A channel goes; those after it close up, and fine channels keep their coarse ones. */
final readonly class RemoveChannel implements ChartEdit
{
    public function __construct(private Target $target)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $gone = $this->target->channel($profile);
        $mode = $this->target->mode($profile);

        return $profile->withMode(Order::of($mode, array_values(array_filter(
            $mode->byOffset(),
            static fn (Channel $channel): bool => $channel !== $gone,
        ))));
    }
}
