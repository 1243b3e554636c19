<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\FixtureProfile;

/** Makes a fine channel one of its own. */
final readonly class ReleaseFine implements ChartEdit
{
    public function __construct(private Target $target)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $channel = $this->target->channel($profile);

        return $this->target->put($profile, $channel->at($channel->offset));
    }
}
