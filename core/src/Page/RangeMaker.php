<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Profile\Quantity;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeFunction;

/** The ranges of one channel, from their words. */
final class RangeMaker
{
    private SlotCounter $slots;

    public function __construct(private readonly Subject $subject, private readonly string $label, private readonly Remarks $remarks)
    {
        $this->slots = new SlotCounter();
    }

    /**
     * @param list<DraftRange> $drafts
     *
     * @return list<Range>
     */
    public function all(array $drafts): array
    {
        $dims = $this->alsoDims($drafts);
        $ranges = [];
        $before = null;
        foreach ($drafts as $draft) {
            [$from, $to] = $draft->bound->values($before);
            $meaning = RangeMeaning::of($this->subject, $draft->text, $dims, 1 === \count($drafts));
            $this->remark($draft, $meaning);
            $ranges[] = $this->range($from, $to, $draft, $meaning);
            $before = $draft->bound;
        }

        return $ranges;
    }

    /** @param list<DraftRange> $drafts */
    private function alsoDims(array $drafts): bool
    {
        foreach ($drafts as $draft) {
            if (RangeFunction::Intensity === RangeMeaning::of($this->subject, $draft->text, false, false)->function) {
                return true;
            }
        }

        return false;
    }

    private function remark(DraftRange $draft, RangeMeaning $meaning): void
    {
        $what = '' === $draft->text ? $this->label : $draft->text;
        match ($meaning->remark) {
            RemarkCode::NotUnderstood => $this->remarks->add(
                $draft->line,
                RemarkCode::NotUnderstood,
                \sprintf('It is not known what "%s" does: kept as a range without a function.', $what),
            ),
            RemarkCode::NoSuchFunction => $this->remarks->add(
                $draft->line,
                RemarkCode::NoSuchFunction,
                \sprintf('"%s" has no function of its own in a profile: kept as a range that does nothing to the light.', $what),
            ),
            RemarkCode::Guessed => $this->remarks->add($draft->line, RemarkCode::Guessed, RangeFunction::ColourPreset === $meaning->function
                ? \sprintf('The page names no colour for "%s": white stands in until it is set.', $what)
                : \sprintf('"%s" is taken for %s, as its channel is.', $what, str_replace('-', ' ', $meaning->function->value))),
            default => null,
        };
        if ($draft->bound->isTurned) {
            $this->remarks->add(
                $draft->line,
                RemarkCode::TurnedRound,
                \sprintf('%d to %d was turned round to %2$d to %1$d.', $draft->bound->to, $draft->bound->from),
            );
        }
    }

    private function range(int $from, int $to, DraftRange $draft, RangeMeaning $meaning): Range
    {
        $function = $meaning->function;
        $text = $draft->text;
        // A screen colour beside a name is a figure and no part of it.
        $named = trim(preg_replace('/\s*#[0-9a-f]{6}\b\s*/i', ' ', $text) ?? $text);
        $label = '' !== $named ? $named : $this->label;
        $emitter = RangeFunction::Emitter === $function ? (EmitterWords::keyOf($this->label) ?? EmitterWords::keyOf($text)) : null;
        if (RangeFunction::Emitter === $function && null === $emitter) {
            return new Range($from, $to, $label, RangeFunction::None);
        }
        [$slot, $hex] = $this->slotAndHex($function, $text);
        [$start, $end] = null !== $slot ? [null, null] : $this->quantity($function, $draft, $meaning);

        return new Range($from, $to, $label, $function, $start, $end, $emitter, $hex, $slot);
    }

    /** @return array{int|null, string|null} */
    private function slotAndHex(RangeFunction $function, string $text): array
    {
        if (RangeFunction::ColourPreset === $function) {
            return [null, ColourNames::hexOf($text) ?? ColourNames::hexOf($this->label) ?? '#ffffff'];
        }
        if (RangeFunction::Wheel === $function) {
            $words = preg_replace('/\s*[\/+,]\s*/', ' ', Words::bare($text)) ?? '';
            $isOpen = 1 === preg_match(
                '/^(?:(?:colour|wheel|white|no) )*(?:open|white|colour)(?: (?:hole|position|white|open))?$/',
                $words,
            ) && 'colour' !== $words;

            return $isOpen
                ? [$this->slots->open(), '#ffffff']
                : [$this->slots->of($text), ColourNames::namesTwo($text) ? null : ColourNames::hexOf($text)];
        }
        if (RangeFunction::Gobo === $function || (RangeFunction::Prism === $function && 1 !== preg_match(
            '/\b(?:rotation|spin\w*|cw|ccw|speed|stop|index\w*)\b/',
            Words::normal($this->label.' '.$text),
        ))) {
            return [$this->slots->of($text), null];
        }

        return [null, null];
    }

    /** @return array{float|null, float|null} */
    private function quantity(RangeFunction $function, DraftRange $draft, RangeMeaning $meaning): array
    {
        if ($meaning->isStopped) {
            return [0.0, 0.0];
        }
        if (RangeFunction::Pan === $function || RangeFunction::Tilt === $function) {
            [$start, $end] = Travel::of($draft->text);
            [$start, $end] = null === $start ? Travel::of($this->label) : [$start, $end];

            return $draft->bound->isTurned ? [$end, $start] : [$start, $end];
        }
        if (Quantity::Level === $function->quantity() && 1 === preg_match(
            '/^(?:full(?: on)?|on|max(?:imum)?)$/',
            Words::bare($draft->text),
        )) {
            return [1.0, 1.0];
        }
        $figures = self::figures($function, $draft->text);
        if (!$figures->isStated) {
            // "CH5 Strobe 1-20 Hz 010-255": the name holds the figures.
            $byName = self::figures($function, $this->label);
            $figures = $byName->isStated && RangeFunction::None !== $function ? $byName : $figures;
        }
        if ($draft->bound->isTurned && $figures->isStated) {
            $figures = $figures->swapped();
        }

        return [$figures->start, $figures->end];
    }

    private static function figures(RangeFunction $function, string $text): QuantityText
    {
        $quantity = match ($function) {
            RangeFunction::Focus, RangeFunction::Iris, RangeFunction::Frost => Quantity::Level,
            RangeFunction::Zoom => null !== QuantityText::of($text, Quantity::Degrees)->start ? Quantity::Degrees : Quantity::Level,
            RangeFunction::GoboSpin, RangeFunction::Prism => Quantity::Rpm,
            default => $function->quantity(),
        };

        return QuantityText::of($text, $quantity);
    }
}
