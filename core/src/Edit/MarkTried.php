<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\ChannelPlace;
use Rigger\Core\Profile\ChartRecord;
use Rigger\Core\Profile\FixtureProfile;

/** Somebody tried a channel that was taken over from a look-alike: the mark goes. */
final readonly class MarkTried implements ChartEdit
{
    public function __construct(private Target $target)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $this->target->channel($profile);
        $record = ($profile->record ?? new ChartRecord())->tried(new ChannelPlace($this->target->modeKey, $this->target->offset));

        return $profile->withRecord($record->isEmpty() ? null : $record);
    }
}
