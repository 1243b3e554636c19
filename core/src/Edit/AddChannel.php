<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;

/** A channel more at the end of a mode, without ranges yet. */
final readonly class AddChannel implements ChartEdit
{
    public function __construct(private string $modeKey, private string $label)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $mode = Target::modeOf($profile, $this->modeKey);

        return $profile->withMode($mode->withChannels([...$mode->channels, new Channel($mode->footprint() + 1, $this->label)]));
    }
}
