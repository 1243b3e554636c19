<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Input\Splitting;

/** What has been gathered of the page so far: modes, the channels that are open, and words that wait for values. */
final class ChartDraft
{
    /** @var list<DraftMode> */
    private array $modes = [];
    /** @var list<int> the modes that the rows belong to now */
    private array $active = [];
    /** The mode under whose heading the rows stand, beside the columns of a table. */
    private ?int $headed = null;
    /** @var list<DraftChannel> */
    private array $open = [];
    /** @var array{string, int}|null words and their line, before the values they may belong to */
    private ?array $waiting = null;
    private bool $skips = false;

    public function __construct(private readonly Remarks $remarks)
    {
    }

    /** @return list<DraftMode> those that have channels; of a heading without any it is said that it was not understood */
    public function modes(): array
    {
        $filled = [];
        foreach ($this->modes as $mode) {
            $real = array_filter($mode->channels, static fn (DraftChannel $channel): bool => !$channel->isBare());
            if ([] !== $real) {
                // A page number may look like a channel: one that got neither name nor values is none.
                foreach (array_diff_key($mode->channels, $real) as $bare) {
                    $this->remarks->notUnderstood($bare->line, (string) array_search($bare, $mode->channels, true));
                }
                $mode->channels = $real;
                $filled[] = $mode;
            } elseif ('' !== $mode->heading->name) {
                $this->remarks->notUnderstood($mode->line, $mode->heading->name);
            }
        }

        return $filled;
    }

    public function enter(ModeHeading $heading, int $line): void
    {
        $this->settle();
        $mode = $this->mode($heading, $line);
        if ([$mode] === $this->active) {
            // A heading printed again on the next page ends nothing.
            return;
        }
        $this->headed = $mode;
        $this->active = [$this->headed];
        $this->open = [];
        $this->skips = false;
    }

    /** @param list<ModeHeading> $headings */
    public function enterColumns(array $headings, int $line): void
    {
        $this->settle();
        $active = array_map(fn (ModeHeading $heading): int => $this->mode($heading, $line), $headings);
        if ($active !== $this->active) {
            $this->open = [];
        }
        $this->active = $active;
        $this->skips = false;
    }

    /** A table with one column of channels goes on with the mode above it. */
    public function leaveColumns(): void
    {
        if (\count($this->active) > 1) {
            $this->active = null === $this->headed ? [] : [$this->headed];
            $this->open = [];
        }
    }

    /** What follows belongs to a channel that none of the modes has. */
    public function skip(): void
    {
        $this->open = [];
        $this->skips = true;
    }

    /** Whether a number without any mark is likely to be the next channel's. */
    public function expects(int $number, string $rest): bool
    {
        if ($number < 1 || $number > 512) {
            return false;
        }
        $mode = [] === $this->active ? null : $this->modes[$this->active[0]];
        $last = null === $mode ? 0 : $mode->last();
        $channel = $this->open[0] ?? null;
        $top = $channel?->lastRange()?->bound->to;
        $hasValues = [] !== BoundScanner::scan($rest);
        if (null !== $top && abs($top + 1 - $number) < 0.5 && !$hasValues && 255.0 !== $top) {
            return false;
        }
        if ($number === $last + 1) {
            return 1 === preg_match('/^\W*\p{L}/u', $rest) || $hasValues || '' === trim($rest);
        }
        if ($number === $last || isset($mode?->channels[$number])) {
            $known = $mode->channels[$number] ?? null;

            return $hasValues && ($number === $last || null !== $known && $known->label === trim(substr($rest, 0, \strlen($known->label))));
        }
        $isNear = $number > $last && $number <= $last + 8;

        return $isNear
            && Subject::Unknown !== Vocabulary::subjectOf(Splitting::of('/\d|\s{2,}/', trim($rest))[0])
            && 1 === preg_match('/^\W*\p{L}/u', $rest);
    }

    /** Whether words by themselves have a place to go. */
    public function wantsWords(): bool
    {
        foreach ($this->open as $channel) {
            if ($channel->isBare() || null !== $channel->waiting() && !$channel->hasSharedText) {
                return true;
            }
        }

        return false;
    }

    public function hasPlainValues(): bool
    {
        return [] !== $this->open && $this->open[0]->hasPlainValues();
    }

    /** @param array<int, non-empty-list<int>> $marks */
    public function isOpen(array $marks): bool
    {
        foreach ($marks as $index => $numbers) {
            $mode = $this->modes[$this->active[$index] ?? -1] ?? null;

            return [] !== $this->open && ($mode?->channels[$numbers[0]] ?? null) === $this->open[0];
        }

        return false;
    }

    /**
     * @param array<int, non-empty-list<int>> $marks  the row's channel numbers by column of modes
     * @param list<Piece>                     $pieces
     */
    public function take(array $marks, array $pieces, int $line): void
    {
        if ([] !== $marks) {
            $this->begin($marks, $pieces, $line);
        } elseif ($this->skips) {
            return;
        } elseif ([] === $this->open) {
            $this->remarks->notUnderstood($line, self::shown($pieces));
        } else {
            $this->goOn($pieces, $line);
        }
    }

    public function close(): void
    {
        $this->settle();
    }

    /**
     * @param array<int, non-empty-list<int>> $marks
     * @param list<Piece>                     $pieces
     */
    private function begin(array $marks, array $pieces, int $line): void
    {
        $this->settle();
        $this->skips = false;
        if ([] === $this->active) {
            $this->active = [$this->mode(new ModeHeading('', null), $line)];
        }
        $words = RowWords::of($pieces, true);
        $this->open = [];
        $wasKnown = false;
        $steps = array_values($marks)[0] ?? [];
        foreach (array_keys($steps) as $step) {
            $channel = null;
            foreach ($marks as $index => $numbers) {
                $channel ??= $this->modes[$this->active[$index] ?? $this->active[0]]->channels[$numbers[$step] ?? 0] ?? null;
            }
            $wasKnown = $wasKnown || null !== $channel;
            $channel ??= new DraftChannel('', $line);
            foreach ($marks as $index => $numbers) {
                if (isset($numbers[$step])) {
                    $this->modes[$this->active[$index] ?? $this->active[0]]->channels[$numbers[$step]] = $channel;
                }
            }
            $this->open[] = $channel;
        }
        if ($wasKnown && [] !== $this->open[0]->ranges) {
            $words = self::again($words, RowWords::of($pieces, false), $this->open[0]);
        }
        $this->name($words->label, $line);
        foreach ($this->open as $channel) {
            $channel->hasSharedText = $channel->hasSharedText || ($words->isShared && [] === $channel->ranges);
        }
        $this->addRanges($words, $line);
    }

    /** A row that repeats its channel's number: the name may be repeated too, or the words are the range's. */
    private static function again(RowWords $opening, RowWords $going, DraftChannel $channel): RowWords
    {
        return '' !== $opening->label && $opening->label === $channel->label ? $opening : $going;
    }

    private function name(string $label, int $line): void
    {
        if ('' === $label) {
            return;
        }
        $names = \count($this->open) > 1 ? Splitting::of('/\s*[\/,+&]\s*/', $label) : [$label];
        $isShared = \count($names) !== \count($this->open);
        foreach ($this->open as $index => $channel) {
            if ('' === $channel->label) {
                $channel->label = $isShared ? $label : $names[$index];
            }
        }
        if ($isShared) {
            $this->remarks->add(
                $line,
                RemarkCode::Guessed,
                \sprintf('"%s" is taken for the name of each of the %d channels on the line.', $label, \count($this->open)),
            );
        }
    }

    private function addRanges(RowWords $words, int $line): void
    {
        foreach ($words->ranges as [$bound, $text]) {
            foreach ($this->open as $channel) {
                $channel->add(new DraftRange($bound, $text, $line));
            }
        }
    }

    /** @param list<Piece> $pieces */
    private function goOn(array $pieces, int $line): void
    {
        $channel = $this->open[0];
        $words = RowWords::of($pieces, $channel->isBare());
        if ($this->isStray($pieces, $channel)) {
            $this->remarks->notUnderstood($line, self::shown($pieces));

            return;
        }
        if ([] === $words->ranges) {
            $this->words($words->label, $pieces, $line);

            return;
        }
        if ($channel->isBare()) {
            $this->name($words->label, $line);
        }
        if (null !== $this->waiting && 1 === \count($words->ranges) && '' === $words->ranges[0][1]) {
            // The words stood on the line before.
            [$text] = $this->waiting;
            $this->waiting = null;
            foreach ($this->open as $open) {
                $open->add(new DraftRange($words->ranges[0][0], $text, $line));
            }

            return;
        }
        $this->settle();
        $this->addRanges($words, $line);
    }

    /**
     * A number by itself is a page's, unless it goes on where the channel's last range ended.
     *
     * @param list<Piece> $pieces
     */
    private function isStray(array $pieces, DraftChannel $channel): bool
    {
        $bound = 1 === \count($pieces) ? $pieces[0]->bound : null;
        if (null === $bound || !$bound->isSingle || $bound->length >= 3 || null !== $this->waiting) {
            return false;
        }
        $next = null === $channel->lastRange() ? 0.0 : $channel->lastRange()->bound->to + 1;

        return abs($bound->from - $next) > 0.5;
    }

    /** @param list<Piece> $pieces */
    private function words(string $text, array $pieces, int $line): void
    {
        if ('' === $text) {
            return;
        }
        $channel = $this->open[0];
        $role = $pieces[0]->role ?? null;
        $range = $channel->hasSharedText && 1 === \count($channel->ranges) && null !== $role ? null : $channel->waiting();
        if ($channel->isBare()) {
            $this->name($text, $line);
        } elseif (null !== $range && (!$channel->hasSharedText || self::suits($channel->label, $text))) {
            foreach ($this->open as $open) {
                $open->give($text);
                $open->hasSharedText = false;
            }
        } elseif (ColumnRole::Text === $role && null !== $channel->lastRange()) {
            $channel->lastRange()->text = trim($channel->lastRange()->text.' '.$text);
        } elseif (ColumnRole::Label === $role && '' !== $channel->label && \count($channel->ranges) <= 1) {
            $channel->label .= ' '.$text;
        } else {
            $this->settle();
            $this->waiting = [$text, $line];
        }
    }

    /** Whether a line below a channel that has its name and its values can be those values' words, and no title of the page. */
    private static function suits(string $label, string $text): bool
    {
        $subject = Vocabulary::subjectOf($label);

        return !$subject->bearsNames() && Subject::Unknown !== $subject && null === RangeMeaning::of($subject, $text, false, true)->remark;
    }

    /** Words that still wait for values get none. */
    private function settle(): void
    {
        if (null !== $this->waiting) {
            $this->remarks->notUnderstood($this->waiting[1], $this->waiting[0]);
            $this->waiting = null;
        }
    }

    private function mode(ModeHeading $heading, int $line): int
    {
        foreach ($this->modes as $index => $mode) {
            if ($mode->heading->isSameAs($heading)) {
                return $index;
            }
        }
        $this->modes[] = new DraftMode($heading, $line);

        return \count($this->modes) - 1;
    }

    /** @param list<Piece> $pieces */
    private static function shown(array $pieces): string
    {
        return implode(
            ' ',
            array_map(
                static fn (Piece $piece): string => match (true) {
                    null === $piece->bound => $piece->text,
                    $piece->bound->isSingle => (string) $piece->bound->from,
                    default => $piece->bound->from.'-'.$piece->bound->to,
                },
                $pieces,
            ),
        );
    }
}
