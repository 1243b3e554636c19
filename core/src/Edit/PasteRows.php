<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Splitting;
use Rigger\Core\Page\ChartReader;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeLine;

/**
 * Rows pasted onto a channel become its ranges: each row in the typed language, or as a manual words it. Those that share values
 * with an older range take its place. Wheel slots come as rows of values, name and colour.
 */
final readonly class PasteRows implements ChartEdit
{
    public function __construct(private Target $target, private string $text)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $channel = $this->target->channel($profile);
        $pasted = $this->typed($profile) ?? $this->read($channel->label, $profile);
        if ([] === $pasted) {
            throw InputError::because(
                'nothing_read',
                'edit.text',
                'No row of this was understood: write values and what they do, one row a range.',
            );
        }
        $kept = array_filter(
            $channel->ranges,
            static fn (Range $old): bool => [] === array_filter(
                $pasted,
                static fn (Range $new): bool => $old->from <= $new->to && $new->from <= $old->to,
            ),
        );
        $ranges = [...$kept, ...$pasted];
        usort($ranges, static fn (Range $one, Range $other): int => $one->from <=> $other->from);

        return $this->target->put($profile, $channel->withRanges($ranges));
    }

    /** @return list<Range>|null null when a row is none of the typed language */
    private function typed(FixtureProfile $profile): ?array
    {
        $ranges = [];
        foreach (array_filter(
            array_map(trim(...), Splitting::of('/\R/', $this->text)),
            static fn (string $line): bool => '' !== $line,
        ) as $line) {
            try {
                $ranges[] = RangeLine::parse($line, $profile->emitters);
            } catch (InputError) {
                return null;
            }
        }

        return $ranges;
    }

    /** @return list<Range> */
    private function read(string $label, FixtureProfile $profile): array
    {
        $reading = ChartReader::read('CH1 '.('' === trim($label) ? '' : preg_replace('/\d+/', '', $label))."\n".$this->text);
        $ranges = $reading->modes[0]->channels[0]->ranges ?? [];
        foreach ($ranges as $range) {
            if (null !== $range->emitter && null === $profile->emitter($range->emitter)) {
                throw InputError::because(
                    'emitter_unknown',
                    'edit.text',
                    \sprintf('The rows drive %s, which the fixture does not list among its emitters yet.', $range->emitter),
                );
            }
        }

        return [] !== array_filter(
            $reading->remarks,
            static fn ($remark): bool => 1 === $remark->line && 'guessed' === $remark->code->value,
        )
            ? []
            : $ranges;
    }
}
