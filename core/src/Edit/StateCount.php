<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\FixtureProfile;

/** Says that a mode has as many channels as are listed. */
final readonly class StateCount implements ChartEdit
{
    public function __construct(private string $modeKey)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $mode = $profile->mode($this->modeKey) ?? throw InputError::because(
            'unknown_mode',
            'edit.mode',
            'There is no such mode in this chart.',
        );

        return $profile->withMode($mode->withChannels($mode->channels, $mode->footprint()));
    }
}
