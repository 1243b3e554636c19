<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Input\Splitting;

/** A channel's name and the words of its ranges, told apart where the page writes them as one. */
final readonly class ChannelName
{
    /** @param list<DraftRange> $ranges */
    private function __construct(public string $label, public array $ranges)
    {
    }

    public static function of(DraftChannel $draft): self
    {
        $label = $draft->label;
        $ranges = array_map(static fn (DraftRange $range): DraftRange => clone $range, $draft->ranges);
        $bare = self::withoutQuantity($label);
        if ([] === $ranges) {
            return new self(
                $bare,
                [new DraftRange(Bound::between(0, 255, Notation::Decimal, 0, 0), $bare === $label ? '' : $label, $draft->line)],
            );
        }
        if ($bare !== $label && 1 === \count($ranges)) {
            // "Zoom 10°-40°": the name holds what its only range sweeps.
            $ranges[0]->text = '' === $ranges[0]->text ? $label : $ranges[0]->text;
            $label = self::isQuantity($ranges[0]->text) && $ranges[0]->text !== $draft->label ? $label : $bare;
        }
        if ('' === $label && 1 === \count($ranges)) {
            return new self(self::withoutQuantity($ranges[0]->text), $ranges);
        }
        if ('' === $label) {
            return new self(self::common($ranges), $ranges);
        }
        if ($draft->hasSharedText && \count($ranges) > 1 && '' === $ranges[0]->text) {
            // "3 | Strobe off | 0-9" and "| Strobe slow-fast | 10-255" below it: the first row's words are the first range's too.
            $ranges[0]->text = $label;
            $common = self::common($ranges);
            if ('' !== $common) {
                return new self($common, $ranges);
            }
            [$name, $state] = self::parted($label);
            $ranges[0]->text = $state;

            return new self($name, $ranges);
        }

        return new self($label, $ranges);
    }

    public function subject(): Subject
    {
        $subject = '' === $this->label ? Subject::Unknown : Vocabulary::subjectOf($this->label);
        if (Subject::Unknown !== $subject) {
            return $subject;
        }
        // A channel without a name, or with one that says nothing, is about what its ranges first speak of.
        $emitters = array_filter(
            array_map(static fn (DraftRange $range): ?string => EmitterWords::keyOf($range->text), $this->ranges),
            static fn (?string $key): bool => null !== $key,
        );
        if (\count(array_unique($emitters)) > 1) {
            return Subject::Preset;
        }
        foreach ($this->ranges as $range) {
            $said = Vocabulary::subjectOf($range->text);
            if (!\in_array($said, [Subject::Unknown, Subject::Unused, Subject::Control, Subject::Foreign, Subject::Reset], true)) {
                return $said;
            }
        }

        return Subject::Unknown;
    }

    /** Whether the ranges speak of a wheel: open, split or turning slots. */
    public function looksLikeWheel(): bool
    {
        foreach ($this->ranges as $range) {
            if (1 === preg_match(
                '/\b(?:open|rotation|spin|scroll|split|half|rainbow|cw|ccw|wheel|stop)\b/',
                Words::normal($range->text),
            ) || 1 === preg_match('/^\W*white\W*$/i', $range->text) && $range === $this->ranges[0] || 1 === preg_match(
                '/\w\s*[\/&]\s*\w/',
                $range->text,
            ) && ColourNames::namesTwo($range->text)) {
                return true;
            }
        }

        return false;
    }

    /**
     * "Strobe: off" or "Strobe off" to its name and its state.
     *
     * @return array{string, string}
     */
    public static function parted(string $text): array
    {
        if (1 === preg_match('/^(.{2,}?)\s*(?::|\s-\s)\s*(.+)$/', $text, $parts)) {
            return [$parts[1], $parts[2]];
        }
        if (1 === preg_match(
            '/^(.*\w)\s+((?:off|on|open|closed?|stop|no (?:function|effect)|slow\W.*|dark\W.*|shut|black-?out|fully open)\W*)$/iu',
            $text,
            $parts,
        )) {
            return [$parts[1], $parts[2]];
        }

        return [$text, ''];
    }

    private static function isQuantity(string $text): bool
    {
        return '' === trim(self::withoutQuantity($text.' x'), ' x');
    }

    /** Text after a channel's only values, less its figures, names the channel. */
    private static function withoutQuantity(string $text): string
    {
        $name = preg_replace(
            [
                '/[(\[]\s*[-+]?[\d.,]+\s*(?:%|hz|°|k|s|rpm)?\s*(?:-|\.\.|~|to|->)?\s*[-+]?[\d.,]*\s*(?:%|hz|°|k|s|rpm)?\s*[)\]]/iu',
                '/[-+±]?\d+(?:[.,]\d+)?\s*(?:%|hz|°|deg(?:rees?)?|rpm|kelvin|k|s|sec)?\s*(?:-|\.\.+|~|to'
                    .'|->)\s*[-+]?\d+(?:[.,]\d+)?\s*(?:%|hz|°|deg(?:rees?)?|rpm|kelvin|k|s|sec)(?!\w)/iu',
                '/[-+±]?\d+(?:[.,]\d+)?\s*(?:%|hz|°|degrees?|rpm)(?!\w)/iu',
                '/[,:;]?\s*(?:from\s+)?\b(?:slow|fast|dark|bright|min|max|low|high|full)\w*\s*(?:to|-+>?|~|\.\.+|\/)\s*(?:slow|fast'
                    .'|dark|bright|min|max|low|high|full)\w*/iu',
            ],
            ' ',
            $text,
        ) ?? $text;
        $name = trim(preg_replace('/\s+/', ' ', $name) ?? $name, ' :,;-=/');

        return '' === $name ? trim($text) : $name;
    }

    /** @param list<DraftRange> $ranges */
    private static function common(array $ranges): string
    {
        $words = null;
        foreach ($ranges as $range) {
            $these = Splitting::of('/\s+/', $range->text);
            $words ??= $these;
            $kept = 0;
            while ($kept < min(\count($words), \count($these))
                && mb_strtolower(rtrim($words[$kept], ':,-')) === mb_strtolower(rtrim($these[$kept], ':,-'))
            ) {
                ++$kept;
            }
            $words = \array_slice($words, 0, $kept);
        }
        $name = trim(implode(' ', $words ?? []), ' :,-');

        return 1 === preg_match('/\p{L}{2,}/u', $name) ? $name : '';
    }
}
