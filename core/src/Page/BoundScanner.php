<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** Finds the values of ranges in a text: "000-009", "0..9", ">=240", "above 239", "00H-09H", "0-4 %". */
final class BoundScanner
{
    private const DECIMAL = '\d{1,3}';
    private const HEX = '(?:0x[0-9a-f]{1,2}|\$[0-9a-f]{1,2}|[0-9a-f]{1,2}h)';
    private const UPTO = '\s*(?:<-*>|-+>|-+|\.{2,}|~+|\b(?:to|thru|through|until|till)\b)\s*';
    /** No number that goes on before or after, and none that has a unit: "0.8-16 Hz" and "540°" are no values. */
    private const BEFORE = '(?<![\w.°#$%])(?<!\d,)(?<![<>=]-)';
    private const AFTER = '(?![\d.,]*\d)(?!\w|°|[.,]\d)(?!\s*(?:hz|°|deg(?:rees?)?|rpm|r\/min|kelvin|k|bpm|fps|channels?|ch|bits?|ms|mm'
        .'|sec(?:onds?)?|s)\b(?!\/))(?!\s*°)';
    /** A text with more values than this is no row of a chart. */
    private const MOST = 80;
    private const PERCENT = '\d{1,3}(?:[.,]\d+)?';

    /** Words after which a small number is a name's: "Gobo 3", "Program 1-8". */
    private const NAMED = '/(?:gobos?|prog(?:ram)?s?|colou?rs?|macros?|patterns?|steps?|modes?|autos?|scenes?|ch(?:annel)?s?|pixels?'
        .'|cells?|segments?|sections?|effects?|shows?|chases?|wheel|slots?|positions?|levels?|curves?|prisms?|no|nr|number|presets?'
        .'|heads?|zones?|facets?|speed|fx|demo|rev|version|page|cto|split|shake|sound|strobe|part|\+|#)\.?\s*#?$/i';

    /** @return list<Bound> in the order of the text; nothing overlaps */
    public static function scan(string $text): array
    {
        $found = [...self::percents($text), ...self::spans($text), ...self::compared($text)];
        usort($found, static fn (Bound $one, Bound $other): int => [$one->start, -$one->length] <=> [$other->start, -$other->length]);
        $bounds = [];
        foreach ($found as $bound) {
            if ([] === $bounds || $bound->start >= $bounds[\count($bounds) - 1]->end()) {
                $bounds[] = $bound;
            }
        }

        return self::withSingles($text, $bounds);
    }

    /** The one number or span that is all of a cell, hexadecimal where the column says so. */
    public static function whole(string $text, Notation $notation = Notation::Decimal): ?Bound
    {
        $text = trim($text, ' ()[]=:;,');
        if (Notation::Hexadecimal === $notation && 1 === preg_match(
            '/^([0-9a-f]{1,2})h?(?:'.self::UPTO.'([0-9a-f]{1,2})h?)?$/i',
            $text,
            $parts,
        )) {
            return Bound::between((float) hexdec($parts[1]), (float) hexdec($parts[2] ?? $parts[1]), $notation, 0, \strlen($text));
        }
        if (Notation::Percent === $notation && 1 === preg_match(
            '/^('.self::PERCENT.')\s*%?(?:'.self::UPTO.'('.self::PERCENT.')\s*%?)?$/i',
            $text,
            $parts,
        )) {
            return Bound::between(self::real($parts[1]), self::real($parts[2] ?? $parts[1]), $notation, 0, \strlen($text));
        }
        if (1 === preg_match('/^\d{1,3}$/', $text)) {
            return new Bound((float) $text, (float) $text, Notation::Decimal, false, 0, \strlen($text), true);
        }
        $bounds = self::scan($text);

        return 1 === \count($bounds) && 0 === $bounds[0]->start && $bounds[0]->end() === \strlen($text) ? $bounds[0] : null;
    }

    /** @return iterable<Bound> */
    private static function percents(string $text): iterable
    {
        $before = '(?<![\w.°#$-])';
        if (!str_contains($text, '%')) {
            return;
        }
        foreach (self::matches(
            '/'.$before.'(?:from\s+)?('.self::PERCENT.')\s*%?'.self::UPTO.'('.self::PERCENT.')\s*%/i',
            $text,
        ) as [$whole, $start, $groups]) {
            yield Bound::between(self::real($groups[0]), self::real($groups[1]), Notation::Percent, $start, \strlen($whole));
        }
        foreach (self::matches(
            '/'.$before.'(?:(?:>=|=>|>|from|above)\s*('.self::PERCENT.')\s*%|('
                .self::PERCENT.')\s*%\s*(?:\+|(?:and|or)\s+(?:above|up|more)))/i',
            $text,
        ) as [$whole, $start, $groups]) {
            yield Bound::between(
                self::real('' !== $groups[0] ? $groups[0] : $groups[1]),
                100.0,
                Notation::Percent,
                $start,
                \strlen($whole),
            );
        }
    }

    /** @return iterable<Bound> */
    private static function spans(string $text): iterable
    {
        $one = '('.self::HEX.'|'.self::DECIMAL.')';
        $last = null;
        foreach (self::matches(
            '/'.self::BEFORE.'(?:from\s+)?'.$one.self::UPTO.$one.self::AFTER.'/i',
            $text,
        ) as [$whole, $start, [$from, $to]]) {
            $end = $start + \strlen($whole);
            if (self::isName($text, $start, $end, $from, $to, $last)) {
                continue;
            }
            [$from, $to] = self::bothHexadecimal($from, $to);
            $last = (int) self::value($to);
            if (max(self::value($from), self::value($to)) <= 256) {
                $notation = 1 === preg_match('/^'.self::HEX.'$/i', $from) ? Notation::Hexadecimal : Notation::Decimal;
                yield Bound::between(self::value($from), self::value($to), $notation, $start, \strlen($whole));
            }
        }
    }

    /**
     * "20-FFh" and "00-1Fh" mark one end only.
     *
     * @return array{string, string}
     */
    private static function bothHexadecimal(string $from, string $to): array
    {
        $isMarked = static fn (string $one): bool => 1 === preg_match('/^[0-9a-f]{1,2}h$/i', $one);
        $isBare = static fn (string $one): bool => 1 === preg_match('/^[0-9a-f]{2}$/i', $one);

        return match (true) {
            $isMarked($to) && $isBare($from) => [$from.'h', $to],
            $isMarked($from) && $isBare($to) => [$from, $to.'h'],
            default => [$from, $to],
        };
    }

    /** "Program 1-8 128-255": the numbers of a name, not values. Those that go on from the range before are values all the same. */
    private static function isName(string $text, int $start, int $end, string $from, string $to, ?int $last): bool
    {
        $isPadded = 1 === preg_match('/^0\d\d$|^(?:0x|\$)|h$/i', $from);
        $counts = self::value($from) >= 1 && self::value($from) < self::value($to) && self::value($to) <= 99;
        if ($isPadded || !$counts || 1 !== preg_match(self::NAMED, substr($text, 0, $start))) {
            return false;
        }
        if (null !== $last && (int) self::value($from) === $last + 1) {
            return false;
        }
        $isFollowed = 1 === preg_match('/^[\s:=,;|()-]*\d{1,3}\s*(?:-|\.\.|~|to\b|\+)/', substr($text, $end));

        return $isFollowed || ((null !== $last || 1.0 === self::value($from)) && self::value($to) <= 20);
    }

    /** @return iterable<Bound> */
    private static function compared(string $text): iterable
    {
        $one = '('.self::HEX.'|'.self::DECIMAL.')';
        $from = static fn (float $value): array => [$value, 255.0];
        $above = static fn (float $value): array => [$value + 1, 255.0];
        $upTo = static fn (float $value): array => [0.0, $value];
        $below = static fn (float $value): array => [0.0, $value - 1];
        $forms = [
            '(?:>=|=>|from|starting at|at least|min(?:imum)?\.?)\s*'.$one.self::AFTER.'(?!'.self::UPTO.'[\d$])' => $from,
            '(?:>|above|over|more than|greater than|higher than)\s*'.$one.self::AFTER => $above,
            '(?:<=|=<|up to|until|at most)\s*'.$one.self::AFTER => $upTo,
            '(?:<|below|under|less than|lower than)\s*'.$one.self::AFTER => $below,
            $one.'\s*(?:\+(?!\s*\d)|(?:and|or|&)\s+(?:above|up|more|over|higher|greater)\b|(?:upwards?|up)\b)' => $from,
            $one.'\s*(?:and|or|&)\s+(?:below|less|under|lower|down)\b' => $upTo,
        ];
        foreach ($forms as $form => $span) {
            foreach (self::matches('/(?<![\w.°#$-])'.$form.'/i', $text) as [$whole, $start, [$number]]) {
                [$first, $last] = $span(self::value($number));
                if ($first >= 0 && $last >= $first) {
                    $notation = 1 === preg_match('/^'.self::HEX.'$/i', $number) ? Notation::Hexadecimal : Notation::Decimal;
                    yield new Bound($first, $last, $notation, false, $start, \strlen($whole));
                }
            }
        }
    }

    /**
     * Single values: at the head of a piece of the text, or between two ranges that leave just that one out.
     *
     * @param list<Bound> $bounds
     *
     * @return list<Bound>
     */
    private static function withSingles(string $text, array $bounds): array
    {
        $singles = [];
        foreach (self::matches(
            '/'.self::BEFORE.'('.self::HEX.'|'.self::DECIMAL.')\s*(%?)'.self::AFTER.'/i',
            $text,
        ) as [$whole, $start, [$number, $percent]]) {
            $end = $start + \strlen($whole);
            $value = self::value($number);
            $isInside = [] !== array_filter($bounds, static fn (Bound $bound): bool => $start < $bound->end() && $end > $bound->start);
            if ($isInside || 1 === preg_match('/^\dch$/i', $number) || $value > 255 || !self::isValue(
                $text,
                $start,
                $end,
                $number,
                $value,
                $bounds,
            )) {
                continue;
            }
            $notation = '' !== $percent
                ? Notation::Percent
                : (1 === preg_match('/^'.self::HEX.'$/i', $number) ? Notation::Hexadecimal : Notation::Decimal);
            $singles[] = new Bound($value, $value, $notation, false, $start, \strlen(rtrim($whole)), true);
        }
        $all = [...$bounds, ...$singles];
        usort($all, static fn (Bound $one, Bound $other): int => $one->start <=> $other->start);

        return $all;
    }

    /** @param list<Bound> $bounds */
    private static function isValue(string $text, int $start, int $end, string $number, float $value, array $bounds): bool
    {
        $before = rtrim(substr($text, 0, $start), ' ([');
        $after = ltrim(substr($text, $end), ' )]');
        if (1 === preg_match('/^0\d\d$|^0x|^\$/i', $number)) {
            return true;
        }
        $closes = '' === $after || 1 === preg_match('/^(?:[\/,;|:=)]|-\s)/', $after);
        if ('' === $before || 1 === preg_match('/[\/,;|]$/', $before)) {
            return '' === $after || 1 === preg_match('/^(?:[:=)]\s*|-\s+)?[a-z"\'(]|^[,;\/|]/i', $after);
        }
        $previous = array_filter($bounds, static fn (Bound $bound): bool => $bound->end() <= $start);
        $next = array_values(array_filter($bounds, static fn (Bound $bound): bool => $bound->start >= $end));
        $follows = [] !== $previous && abs(end($previous)->to + 1 - $value) < 0.5;
        $leads = [] !== $next && abs($next[0]->from - 1 - $value) < 0.5;

        return ($follows && ($leads || 255.0 === $value)) || ($leads && 0.0 === $value)
            || (1 === preg_match('/\b(?:value|at|dmx)\s*[:=]?$/i', $before))
            || ($closes && [] !== $bounds && ($follows || $leads) && 1 !== preg_match(self::NAMED, $before));
    }

    /** @return list<array{string, int, array{string, string}}> whole match, its byte, then two groups, empty where they took no part */
    private static function matches(string $pattern, string $text): array
    {
        preg_match_all($pattern, $text, $found, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        $matches = [];
        foreach (\array_slice($found, 0, self::MOST) as $match) {
            $matches[] = [$match[0][0], $match[0][1], [$match[1][0] ?? '', $match[2][0] ?? '']];
        }

        return $matches;
    }

    private static function value(string $number): float
    {
        $number = strtolower($number);

        return match (true) {
            str_starts_with($number, '0x') => (float) hexdec(substr($number, 2)),
            str_starts_with($number, '$') => (float) hexdec(substr($number, 1)),
            str_ends_with($number, 'h') => (float) hexdec(substr($number, 0, -1)),
            default => (float) $number,
        };
    }

    private static function real(string $number): float
    {
        return (float) str_replace(',', '.', $number);
    }
}
