<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;

/** The mode and the channel that an edit is about. */
final readonly class Target
{
    public function __construct(public string $modeKey, public int $offset)
    {
    }

    public function mode(FixtureProfile $profile): Mode
    {
        return self::modeOf($profile, $this->modeKey);
    }

    /** @throws InputError unknown_mode */
    public static function modeOf(FixtureProfile $profile, string $key): Mode
    {
        return $profile->mode($key) ?? throw InputError::because(
            'unknown_mode',
            'edit.mode',
            \sprintf('There is no mode %s in this chart.', InputError::quote($key)),
        );
    }

    public function channel(FixtureProfile $profile): Channel
    {
        return $this->mode($profile)->channel($this->offset) ?? throw InputError::because(
            'out_of_range',
            'edit.channel',
            \sprintf('The mode has no channel %d.', $this->offset),
        );
    }

    public function put(FixtureProfile $profile, Channel $channel): FixtureProfile
    {
        return $profile->withMode($this->mode($profile)->withChannel($channel));
    }
}
