<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Profile\Quantity;

/** The figures in a range's words: "0-100 %", "1-20 Hz", "540°", "fast to slow". */
final readonly class QuantityText
{
    private const NUMBER = '[-+±]?\d+(?:[.,]\d+)?';
    private const UPTO = '\s*(?:<-+>|-+>|-+|\.{2,}|~+|\/|\bto\b|\band\b)\s*';
    private const UNITS = [
        'level' => '%',
        'hertz' => 'hz|fps|flashes?\s*(?:\/|per)\s*s(?:ec(?:ond)?)?|times?\s*(?:\/|per)\s*s(?:ec(?:ond)?)?|x\/s',
        'rpm' => 'rpm|r\/min|rev\/min|turns?\s*(?:\/|per)\s*min(?:ute)?',
        'kelvin' => 'k(?:elvin)?\b',
        'degrees' => '°|deg(?:rees?)?',
        'seconds' => 's(?:ec(?:ond)?s?)?\b',
        'duv' => 'duv',
    ];
    private const FALLING = '/\b(?:fast(?:er|est)?|quick|high|full|bright|max(?:imum)?|open|wide|large|big|far|strong|hard'
        .'|100 ?%?)\b\s*(?:to|-+>?|>|~|\.\.+|\/|→|\.\.\.)?\s*\b(?:slow(?:er|est)?|low|dark|off|dim|zero|min(?:imum)?|closed?|narrow'
        .'|small|near|weak|soft|0 ?%?)\b|\bmax(?:imum)?\b[^,;]*\bto\b[^,;]*\bmin|\bdecreas|\bfalling\b|\bfade[- ]?out\b'
        .'|\bdescending\b/';
    private const SWEEP = '/\b(?:slow|fast|min|max|up to|increas|decreas|low|high)/';

    /** @param bool $isStated whether the words say anything of the amount or its direction */
    private function __construct(public ?float $start, public ?float $end, public bool $isStated)
    {
    }

    public static function of(string $text, Quantity $quantity): self
    {
        $text = mb_strtolower($text);
        $figures = self::figures($text, $quantity);
        if (null !== $figures) {
            return new self($figures[0], $figures[1], true);
        }
        if (Quantity::Level !== $quantity) {
            return new self(null, null, false);
        }

        return 1 === preg_match(self::FALLING, Words::normal($text))
            ? new self(1.0, 0.0, true)
            : new self(0.0, 1.0, 1 === preg_match(self::SWEEP, $text) || str_contains($text, ' to '));
    }

    public function swapped(): self
    {
        return new self($this->end, $this->start, $this->isStated);
    }

    public static function isFalling(string $text): bool
    {
        return 1 === preg_match(self::FALLING, Words::normal($text));
    }

    /** @return array{float, float}|null */
    private static function figures(string $text, Quantity $quantity): ?array
    {
        $unit = match ($quantity) {
            Quantity::Level => self::UNITS['level'],
            Quantity::Hertz => self::UNITS['hertz'],
            Quantity::Rpm => self::UNITS['rpm'],
            Quantity::Kelvin => self::UNITS['kelvin'],
            Quantity::Degrees => self::UNITS['degrees'],
            Quantity::Seconds => self::UNITS['seconds'],
            Quantity::Duv => self::UNITS['duv'],
            default => null,
        };
        if (null === $unit) {
            return null;
        }
        $span = '/(?<![\w.])('.self::NUMBER.')\s*(?:'.$unit.')?'.self::UPTO.'('.self::NUMBER.')\s*(?:'.$unit.')/u';
        if (1 === preg_match($span, $text, $parts)) {
            return self::shaped(self::number($parts[1]), self::number($parts[2]), $quantity, $text);
        }
        preg_match_all('/(?<![\w.])('.self::NUMBER.')\s*(?:'.$unit.')/u', $text, $found);
        $numbers = array_map(self::number(...), $found[1]);

        return match (\count($numbers)) {
            0 => null,
            1 => self::single($numbers[0], $quantity, $text),
            default => self::shaped($numbers[0], $numbers[\count($numbers) - 1], $quantity, $text),
        };
    }

    /** @return array{float, float}|null */
    private static function single(float $number, Quantity $quantity, string $text): ?array
    {
        if (Quantity::Degrees === $quantity || Quantity::Level === $quantity) {
            return Quantity::Level === $quantity && 1 === preg_match(self::SWEEP, $text)
                ? null
                : self::shaped($number, $number, $quantity, $text);
        }

        // "slow to fast, 20 Hz at most" leaves out where it begins.
        return 1 === preg_match(self::SWEEP, $text) ? null : self::shaped($number, $number, $quantity, $text);
    }

    /** @return array{float, float}|null */
    private static function shaped(float $start, float $end, Quantity $quantity, string $text): ?array
    {
        if (Quantity::Level === $quantity) {
            return max(abs($start), abs($end)) > 100 ? null : [abs($start) / 100, abs($end) / 100];
        }
        if (Quantity::Rpm === $quantity && 1 === preg_match(
            '/\bccw\b|\brevers|\bbackward/',
            Words::normal($text),
        ) && min($start, $end) >= 0) {
            return [-$start, -$end];
        }
        if (Quantity::Hertz === $quantity || Quantity::Kelvin === $quantity || Quantity::Seconds === $quantity) {
            return [abs($start), abs($end)];
        }

        return [$start, $end];
    }

    private static function number(string $text): float
    {
        return (float) str_replace([',', '±', '+'], ['.', '', ''], $text);
    }
}
