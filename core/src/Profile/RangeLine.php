<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Input\InputError;
use Rigger\Core\Text\Figure;

/**
 * The one-line language in which a range is typed: values, what they do, quantity, and a label if wanted.
 *
 *     24-210 strobe 0.8-16 Slow to fast        0-255 red        69-108 program Tide        41-60 wheel 2 #00a0ff Sea
 *
 * Levels are typed as percent (0-100) or left out (dark to full); a quantity that the maker does not state is left out or "?".
 */
final class RangeLine
{
    /** Further words for a function, as operators say them. */
    private const ALIASES = [
        'dimmer' => 'intensity', 'dim' => 'intensity', 'master' => 'intensity', 'full' => 'intensity',
        'shut' => 'closed', 'close' => 'closed', 'blackout' => 'closed', 'flash' => 'strobe', 'random' => 'random-strobe',
        'preset' => 'colour-preset', 'colour' => 'colour-preset', 'color' => 'colour-preset', 'spin' => 'wheel-spin',
        'white-balance' => 'white-point', 'cct' => 'white-point', 'auto' => 'program', 'speed' => 'program-speed',
        'nothing' => 'none', 'off' => 'none', 'idle' => 'none', 'rotate' => 'turn', 'haze' => 'output', 'fan' => 'output',
    ];

    /** Manuals print dashes of every length. */
    private const DASH = '[-\x{2013}\x{2014}\x{2212}]';
    private const NUMBER = self::DASH.'?\d+(?:\.\d+)?';

    /**
     * @param list<Emitter> $emitters the profile's own: their keys are words too
     *
     * @throws InputError range_line, field "text", with what was not understood
     */
    public static function parse(string $text, array $emitters): Range
    {
        $text = trim($text);
        if (1 !== preg_match('/^(\d{1,4})(?:\s*(?:'.self::DASH.'|\.\.|to)\s*(\d{1,4}))?\s+(\S+)\s*(.*)$/uis', $text, $parts)) {
            throw self::refuse('Write the values, then what they do: "24-210 strobe 0.8-16" or "0-255 red".');
        }
        $from = (int) $parts[1];
        $to = '' === $parts[2] ? $from : (int) $parts[2];
        if (max($from, $to) > 255) {
            throw self::refuse(\sprintf('Values run from 0 to 255, so %d cannot be reached.', max($from, $to)));
        }
        if ($from > $to) {
            throw self::refuse(\sprintf('%d to %d is turned round: the first value must not be above the last.', $from, $to));
        }
        $word = mb_strtolower($parts[3]);
        $rest = $parts[4];
        $emitter = self::emitterNamed($word, $emitters);
        if ('emitter' === $word) {
            [$word, $rest] = explode(' ', $rest.' ', 2);
            $emitter = self::emitterNamed(
                mb_strtolower($word),
                $emitters,
            ) ?? throw self::refuse(\sprintf('The fixture has no emitter %s.', InputError::quote($word)));
        }
        $function = null !== $emitter ? RangeFunction::Emitter : self::functionNamed($word, $emitters);

        return self::withQuantity($from, $to, $function, $emitter, trim($rest));
    }

    /** @return list<string> words that may say what a range does, the format's own first */
    public static function words(): array
    {
        return array_values(array_filter(
            [...RangeFunction::words(), ...array_keys(self::ALIASES)],
            static fn (string $word): bool => 'emitter' !== $word,
        ));
    }

    /** The line that parses to this range again. */
    public static function write(Range $range): string
    {
        $quantity = $range->function->quantity();
        $parts = [
            $range->from === $range->to ? (string) $range->from : $range->from.'-'.$range->to,
            null !== $range->emitter ? 'emitter '.$range->emitter : $range->function->value,
            null !== $range->slot ? (string) $range->slot : null,
            $range->hex,
            null === $range->start || null === $range->end
                ? (null === $range->slot && $quantity->mayBeUnknown() ? '?' : null)
                : self::span($range->start, $range->end, $quantity),
            $range->label,
        ];

        return implode(' ', array_filter($parts, static fn (?string $part): bool => null !== $part && '' !== $part));
    }

    private static function withQuantity(int $from, int $to, RangeFunction $function, ?string $emitter, string $rest): Range
    {
        $slot = $hex = $start = $end = null;
        $quantity = $function->quantity();
        $takesSlot = RangeFunction::Wheel === $function || (Quantity::SlotOrAmount === $quantity && 1 === preg_match(
            '/^\d+(?![\d.%]|\s*'.self::DASH.')/u',
            $rest,
        ));
        if ($takesSlot) {
            if (1 !== preg_match('/^(\d{1,3})\s*(.*)$/us', $rest, $parts)) {
                throw self::refuse('Say which slot of the wheel: "41-60 wheel 2 #00a0ff".');
            }
            [$slot, $rest] = [(int) $parts[1], $parts[2]];
        }
        if (\in_array('hex', $function->members(), true)) {
            if (1 === preg_match('/^(#[0-9a-f]{6})\s*(.*)$/uis', $rest, $parts)) {
                [$hex, $rest] = [strtolower($parts[1]), $parts[2]];
            } elseif (RangeFunction::ColourPreset === $function) {
                throw self::refuse('Say which colour the preset is: "60-79 preset #ff8600 Amber".');
            }
        }
        if (Quantity::None !== $quantity && null === $slot) {
            [$start, $end, $rest] = self::quantity($rest, $quantity);
        }
        $rest = trim($rest);
        $label = '' !== $rest ? $rest : ucfirst(str_replace('-', ' ', $emitter ?? $function->value)).(null === $slot ? '' : ' '.$slot);

        return new Range($from, $to, $label, $function, $start, $end, $emitter, $hex, $slot);
    }

    /** @return array{float|null, float|null, string} start, end, and what follows them */
    private static function quantity(string $rest, Quantity $quantity): array
    {
        $unit = '(?:%|hz|rpm|k|s|°|deg|duv)?';
        if (1 === preg_match('/^\?\s*(.*)$/us', $rest, $parts)) {
            return Quantity::Level === $quantity ? [0.0, 1.0, $parts[1]] : [null, null, $parts[1]];
        }
        if (1 === preg_match(
            '/^('.self::NUMBER.')\s*('.$unit.')(?:\s*(?:'.self::DASH.'|\.\.|to)\s*('.self::NUMBER.')\s*('.$unit.'))?(?=\s|$)\s*(.*)$/uis',
            $rest,
            $parts,
        )) {
            $start = self::scaled($parts[1], $parts[2].$parts[4], $quantity);
            $end = '' === $parts[3] ? $start : self::scaled($parts[3], $parts[2].$parts[4], $quantity);

            return [$start, $end, $parts[5]];
        }
        if (Quantity::Duv === $quantity) {
            throw self::refuse('Say how far the tint goes: "0-255 tint -0.02-0.02".');
        }

        return Quantity::Level === $quantity ? [0.0, 1.0, $rest] : [null, null, $rest];
    }

    private static function scaled(string $text, string $unit, Quantity $quantity): float
    {
        $number = (float) preg_replace('/^'.self::DASH.'/u', '-', $text);
        $number = Quantity::Level === $quantity || str_contains($unit, '%') ? $number / 100 : $number;
        [$least, $most] = $quantity->bounds();
        if ($number < $least || $number > $most) {
            throw self::refuse(Quantity::Level === $quantity
                ? \sprintf('A level is 0 to 100 %%, not %s.', Wording::number($number * 100))
                : \sprintf('%s %s cannot be meant here.', Wording::number($number), $quantity->unit()));
        }

        return $number;
    }

    private static function span(float $start, float $end, Quantity $quantity): string
    {
        $factor = Quantity::Level === $quantity ? 100 : 1;
        $one = static fn (float $number): string => Figure::short($number * $factor, 6);

        return $start === $end ? $one($start) : $one($start).'-'.$one($end);
    }

    /** @param list<Emitter> $emitters */
    private static function emitterNamed(string $word, array $emitters): ?string
    {
        foreach ($emitters as $emitter) {
            if (mb_strtolower($emitter->key) === $word) {
                return $emitter->key;
            }
        }

        return null;
    }

    /** @param list<Emitter> $emitters */
    private static function functionNamed(string $word, array $emitters): RangeFunction
    {
        $function = RangeFunction::tryFrom(self::ALIASES[$word] ?? $word);
        if (null !== $function && RangeFunction::Emitter !== $function) {
            return $function;
        }
        foreach (TypicalEmitters::all() as $typical) {
            if ($typical->key === $word) {
                throw self::refuse(\sprintf('The fixture lists no emitter "%s": add it to its emitters first.', $word));
            }
        }
        $known = [
            ...RangeFunction::words(),
            ...array_keys(self::ALIASES),
            ...array_map(static fn (Emitter $emitter): string => $emitter->key, $emitters),
        ];
        $start = substr($word, 0, 50);
        usort(
            $known,
            static fn (string $one, string $other): int => levenshtein($start, $one) <=> levenshtein($start, $other),
        );

        throw self::refuse(\sprintf(
            '%s is no function known here. Nearest: %s.',
            InputError::quote($word),
            implode(', ', \array_slice($known, 0, 3)),
        ));
    }

    private static function refuse(string $message): InputError
    {
        return InputError::because('range_line', 'text', $message);
    }
}
