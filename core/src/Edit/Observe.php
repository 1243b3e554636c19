<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Learn\FaderSearch;
use Rigger\Core\Learn\Note;
use Rigger\Core\Learn\ObservedRange;
use Rigger\Core\Page\ChartReader;
use Rigger\Core\Profile\ChannelPlace;
use Rigger\Core\Profile\ChartRecord;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeFunction;
use Rigger\Core\Profile\RangeLine;

/** Keeps what was seen of a channel by fader beside what the manual says; or puts it in the manual's place. */
final readonly class Observe implements ChartEdit
{
    /** @param list<Note> $notes */
    public function __construct(private Target $target, private array $notes, private bool $takesOver)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $channel = $this->target->channel($profile);
        $record = ($profile->record ?? new ChartRecord())->observing(
            new ChannelPlace($this->target->modeKey, $this->target->offset),
            $this->notes,
        );
        $profile = $profile->withRecord($record);
        if (!$this->takesOver) {
            return $profile;
        }
        $ranges = array_map(
            static fn (ObservedRange $seen): Range => self::range($seen, $channel->label, $profile),
            (new FaderSearch($this->notes))->ranges(),
        );

        return $this->target->put($profile, $channel->withRanges($ranges));
    }

    /** What was typed may be of the range language ("strobe 1-10"), or words as on a page ("slow flashing"). */
    public static function range(ObservedRange $seen, string $label, FixtureProfile $profile): Range
    {
        try {
            return RangeLine::parse($seen->from.'-'.$seen->to.' '.$seen->what, $profile->emitters);
        } catch (InputError) {
            $text = \sprintf("CH1 %s\n%03d-%03d %s", $label, $seen->from, $seen->to, $seen->what);
            $reading = ChartReader::read($text);
            $read = $reading->modes[0]->channels[0]->ranges[0] ?? null;
            $isUsable = null !== $read
                && [] === $reading->remarks
                && (null === $read->emitter || null !== $profile->emitter($read->emitter));

            return $isUsable
                ? $read->over($seen->from, $seen->to)->called($seen->what)
                : new Range($seen->from, $seen->to, $seen->what, RangeFunction::None);
        }
    }
}
