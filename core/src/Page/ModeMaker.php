<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\RangeFunction;

/** The channels of one mode, from what was gathered of them. */
final class ModeMaker
{
    public function __construct(private readonly Remarks $remarks)
    {
    }

    /** @return list<Channel> in the order of the page */
    public function channels(DraftMode $mode): array
    {
        $names = array_map(ChannelName::of(...), $mode->channels);
        $fine = FinePairing::of(array_map(static fn (ChannelName $name): string => $name->label, $names));
        $subjects = $this->subjects($names, $fine);
        $cells = CellNumbers::of(array_map(static fn (ChannelName $name): string => $name->label, $names), $subjects);
        $channels = [];
        foreach ($mode->channels as $offset => $draft) {
            $name = $names[$offset];
            $ranges = isset($fine[$offset]) ? [] : (new RangeMaker($subjects[$offset], $name->label, $this->remarks))->all($name->ranges);
            if (!isset($fine[$offset]) && [] === $draft->ranges) {
                $this->remarks->add(
                    $draft->line,
                    RemarkCode::Guessed,
                    \sprintf('Channel %d gives no values: 0 to 255 is taken for all of it.', $offset),
                );
            }
            $channels[] = new Channel($offset, $name->label, $cells[$offset] ?? null, $fine[$offset] ?? null, 0, $ranges);
        }

        return $channels;
    }

    /**
     * @param array<int, ChannelName> $names
     * @param array<int, int>         $fine
     *
     * @return array<int, Subject>
     */
    private function subjects(array $names, array $fine): array
    {
        $subjects = array_map(static fn (ChannelName $name): Subject => $name->subject(), $names);
        $plain = array_diff_key($subjects, $fine);
        $has = static fn (Subject ...$wanted): bool => [] !== array_filter(
            $plain,
            static fn (Subject $subject): bool => \in_array($subject, $wanted, true),
        );
        foreach ($plain as $offset => $subject) {
            $subjects[$offset] = match (true) {
                Subject::Speed === $subject => !$has(Subject::Program) && $has(Subject::Pan, Subject::Tilt)
                    ? Subject::MoveTime
                    : Subject::ProgramSpeed,
                Subject::Turn === $subject && $has(Subject::Pan, Subject::Tilt) && str_contains(
                    Words::normal($names[$offset]->label),
                    'speed',
                ) => Subject::MoveTime,
                Subject::Colour === $subject => $names[$offset]->looksLikeWheel() || $has(Subject::Gobo) && !$has(Subject::Emitter)
                    ? Subject::Wheel
                    : Subject::Preset,
                // Subtractive flags take light away; the format has emitters only.
                Subject::Emitter === $subject
                    && 'cyan' === EmitterWords::keyOf($names[$offset]->label)
                    && self::hasFlags($names) => Subject::Foreign,
                default => $subject,
            };
        }

        return $subjects;
    }

    /** @param array<int, ChannelName> $names */
    private static function hasFlags(array $names): bool
    {
        $words = array_map(static fn (ChannelName $name): string => Words::bare($name->label), $names);

        return \in_array('magenta', $words, true) && \in_array('yellow', $words, true);
    }

    /**
     * @param list<list<Channel>> $modes
     *
     * @return list<string> keys in the order of first mention
     */
    public static function emitters(array $modes): array
    {
        $keys = [];
        foreach ($modes as $channels) {
            foreach ($channels as $channel) {
                foreach ($channel->ranges as $range) {
                    if (RangeFunction::Emitter === $range->function && null !== $range->emitter) {
                        $keys[$range->emitter] = true;
                    }
                }
            }
        }

        return array_map(strval(...), array_keys($keys));
    }
}
