<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** The number of the channel that a line begins with, and what follows it. */
final readonly class ChannelMark
{
    /** Several numbers on one line ("CH 2/3"): more than this many is something else. */
    private const MOST = 16;
    private const STRONG = '/^(?:[-*•]\s*)?(?:dmx\s*)?(?:(?:ch(?:an(?:nel)?)?s?|kanal|canal|slot)\s*[.#:]?\s*|c(?=\d)'
        .'|(?<=dmx )(?=\d{1,3}\s*[:.)=-]|\d{1,3}\s+[a-z]))0*(\d{1,3})(?!\d|\s*-?\s*(?:ch|chan|channels?|mode)\b)((?:\s?(?:[\/+&,]|-|to'
        .'|\.\.)\s?(?:ch(?:an(?:nel)?)?\.?\s?)?\d{1,3}(?![\d.%]))*)(?![\w°%])(.*)$/iu';
    private const WEAK = '/^#?0*(\d{1,3})(?:\s*[.):=]\s*|\s+-\s+|\s*-\s+(?=[a-z])|\s+)(?=\S)(.*)$/iu';

    /** @param non-empty-list<int> $numbers */
    private function __construct(public array $numbers, public string $rest)
    {
    }

    /** "CH3", "Channel 3:", "Ch. 3 -", "C3", "CH 2/3". */
    public static function strong(string $text): ?self
    {
        if (1 !== preg_match(self::STRONG, $text, $parts)) {
            return null;
        }
        $numbers = self::numbers((int) $parts[1], $parts[2]);
        $rest = $parts[3];
        if (null === $numbers) {
            // What follows the number is the channel's values after all.
            [$numbers, $rest] = [[(int) $parts[1]], ltrim($parts[2], ' -').$rest];
        }

        return self::valid($numbers, $rest);
    }

    /** "3 Strobe", "3. Strobe", "3 - Strobe": a number by itself, where the chart has no other marks. */
    public static function weak(string $text): ?self
    {
        return 1 === preg_match(self::WEAK, $text, $parts) ? self::valid([(int) $parts[1]], $parts[2]) : null;
    }

    /** A cell in a column of channel numbers. */
    public static function cell(string $text): ?self
    {
        if (1 === preg_match('/^#?0*(\d{1,3})((?:\s?[\/+&,-]\s?\d{1,3})*)[.):]?$/', $text, $parts)) {
            $numbers = self::numbers((int) $parts[1], $parts[2]);

            return null === $numbers ? null : self::valid($numbers, '');
        }

        return self::strong($text) ?? self::weak($text);
    }

    /**
     * @param list<int> $numbers
     */
    private static function valid(array $numbers, string $rest): ?self
    {
        foreach ($numbers as $number) {
            if ($number < 1 || $number > 512) {
                return null;
            }
        }

        return [] === $numbers ? null : new self($numbers, trim(preg_replace('/^\s*[:.)=|>-]+\s*/', '', $rest) ?? $rest));
    }

    /** @return non-empty-list<int>|null null when they are no rising row of channels */
    private static function numbers(int $first, string $more): ?array
    {
        $numbers = [$first];
        preg_match_all('/(\/|\+|&|,|-|to|\.\.)\D*?0*(\d{1,3})/i', $more, $found, \PREG_SET_ORDER);
        foreach ($found as [, $mark, $text]) {
            $last = $numbers[\count($numbers) - 1];
            $number = (int) $text;
            if ($number <= $last || $number - $last > self::MOST || str_starts_with($text, '00')) {
                return null;
            }
            $isRun = \in_array(strtolower($mark), ['-', 'to', '..'], true);
            $numbers = [...$numbers, ...($isRun ? range($last + 1, $number) : [$number])];
        }

        return $numbers;
    }
}
