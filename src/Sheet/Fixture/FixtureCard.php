<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Fixture;

use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Draw\PdfPages;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\ChannelPlace;
use Rigger\Core\Profile\ChartFinding;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\ProfileCheck;
use Rigger\Core\Profile\Range;
use Rigger\Core\Severity;

/** The card of a fixture, to laminate: setting words, each mode's chart as black-and-white ladders, and its cautions. */
final readonly class FixtureCard
{
    private function __construct(private FixtureProfile $profile, private CardPaper $paper)
    {
    }

    /** @return string the PDF */
    public static function of(FixtureProfile $profile, int $revision, PaperSize $size): string
    {
        $card = new self(
            $profile,
            new CardPaper(
                $size,
                $profile->maker.' '.$profile->model,
                \sprintf('%s%s · revision %d', $profile->kind, null === $profile->watts ? '' : ' · '.$profile->watts.' W', $revision),
            ),
        );
        $card->setting();
        foreach ($profile->modes as $mode) {
            $card->mode($mode);
        }
        $card->cautions();

        return PdfPages::of($card->paper->pages(), $profile->maker.' '.$profile->model);
    }

    private function setting(): void
    {
        $lines = $this->profile->unit?->sentences() ?? [];
        if (null !== $this->profile->switches) {
            array_unshift(
                $lines,
                [
                    'Address',
                    \sprintf(
                        '%d switches, counted from %s',
                        $this->profile->switches->count,
                        0 === $this->profile->switches->base ? 'zero' : 'one',
                    ),
                ],
            );
        }
        if ([] !== $lines) {
            $this->paper->heading('Setting it');
            $this->paper->pairs($lines);
        }
    }

    private function mode(Mode $mode): void
    {
        $this->paper->heading(\sprintf(
            '%s, %d channels',
            $mode->name,
            $mode->footprint(),
        ).(null === $mode->display ? '' : ' · shows '.$mode->display));
        if (null !== $mode->setup) {
            $this->paper->line($mode->setup);
        }
        foreach ($mode->byOffset() as $channel) {
            $this->paper->ladder($this->title($mode, $channel), $channel->default, $channel->isFine() ? [] : self::rungs($channel));
        }
    }

    private function title(Mode $mode, Channel $channel): string
    {
        $isUntried = $this->profile->record?->isUntried(new ChannelPlace($mode->key, $channel->offset)) ?? false;

        return implode(', ', array_filter([
            $channel->offset.'  '.$channel->label,
            null === $channel->cell ? '' : 'cell '.$channel->cell,
            null === $channel->fineOf ? '' : 'fine of '.$channel->fineOf,
            $isUntried ? 'not tried yet' : '',
        ], static fn (string $part): bool => '' !== $part));
    }

    /** @return list<CardRung> */
    private static function rungs(Channel $channel): array
    {
        return array_map(
            static fn (Range $range): CardRung => new CardRung(
                max(0, $range->from),
                min(255, $range->to),
                $range->span(),
                $range->title(),
                CardPattern::of($range->function),
            ),
            array_values(array_filter($channel->ranges, static fn (Range $range): bool => $range->isReachable())),
        );
    }

    private function cautions(): void
    {
        $shown = array_filter(
            ProfileCheck::of($this->profile),
            static fn (ChartFinding $finding): bool => Severity::Note !== $finding->code->severity(),
        );
        if ([] === $shown) {
            return;
        }
        $this->paper->heading('Mind');
        foreach ($shown as $finding) {
            $note = $this->profile->record?->acceptanceOf($finding)?->note;
            $mode = $this->profile->mode($finding->mode);
            $accepted = match ($note) {
                null => '',
                '' => ' Known.',
                default => ' Known: '.$note,
            };
            $which = \count($this->profile->modes) > 1 ? ($mode->name ?? '').': ' : '';
            $this->paper->line('▲ '.$which.$finding->message.$accepted);
        }
        $this->paper->line('The maker\'s manual and the rules of the house come first.');
    }
}
