<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** Which words of a row name its channel, and which belong to which values: they may stand before or after them. */
final readonly class RowWords
{
    /**
     * @param list<array{Bound, string}> $ranges
     * @param bool                       $isShared the label stood before the row's only values, and no other words
     */
    private function __construct(public string $label, public array $ranges, public bool $isShared = false)
    {
    }

    /**
     * @param list<Piece> $pieces
     * @param bool        $opens  whether the row begins a channel
     */
    public static function of(array $pieces, bool $opens): self
    {
        $at = array_keys(array_filter($pieces, static fn (Piece $piece): bool => null !== $piece->bound));
        if ([] === $at) {
            return new self(self::joined($pieces), []);
        }
        $head = \array_slice($pieces, 0, $at[0]);
        $tail = \array_slice($pieces, $at[\count($at) - 1] + 1);
        if ([] !== $tail) {
            return self::valuesFirst($pieces, $head, $opens);
        }
        if (1 === \count($at)) {
            return self::one($pieces[$at[0]]->bound, $head, $opens);
        }
        $hasWordsBetween = \count($pieces) > \count($head) + \count($at);

        return $hasWordsBetween ? self::wordsFirst($pieces, $head, $opens) : self::valuesFirst($pieces, $head, $opens);
    }

    /** @param list<Piece> $head */
    private static function one(?Bound $bound, array $head, bool $opens): self
    {
        if (null === $bound) {
            return new self('', []);
        }
        if (!$opens) {
            return new self('', [[$bound, self::joined($head)]]);
        }
        if (\count($head) > 1) {
            return new self($head[0]->text, [[$bound, self::joined(\array_slice($head, 1))]]);
        }
        $text = self::joined($head);
        if (1 === preg_match('/^([^:]{2,}):\s*(\S.*)$/', $text, $parts)) {
            return new self($parts[1], [[$bound, $parts[2]]]);
        }

        return new self($text, [[$bound, '']], true);
    }

    /**
     * @param list<Piece> $pieces
     * @param list<Piece> $head
     */
    private static function valuesFirst(array $pieces, array $head, bool $opens): self
    {
        $label = self::joined($head);
        $groups = [];
        $bounds = [];
        $words = [];
        foreach (\array_slice($pieces, \count($head)) as $piece) {
            if (null !== $piece->bound && [] !== $words) {
                $groups[] = [$bounds, $words];
                $bounds = $words = [];
            }
            if (null !== $piece->bound) {
                $bounds[] = $piece->bound;
            } else {
                $words[] = $piece;
            }
        }
        $groups[] = [$bounds, $words];
        $first = $groups[0][1];
        if ($opens && '' === $label && 1 === \count($groups) && \count($first) > 1) {
            // "2 | 0-9 | Strobe | off": the name follows the values.
            $label = $first[0]->text;
            $groups[0][1] = \array_slice($first, 1);
        } elseif ($opens && \count($head) > 1) {
            $label = $head[0]->text;
            $groups[0][1] = [...\array_slice($head, 1), ...$first];
        } elseif (!$opens && '' !== $label) {
            $groups[0][1] = [...$head, ...$first];
            $label = '';
        }
        $ranges = [];
        foreach ($groups as [$these, $texts]) {
            foreach (self::distinct($these) as $bound) {
                $ranges[] = [$bound, self::joined($texts)];
            }
        }

        return new self($label, $ranges);
    }

    /**
     * @param list<Piece> $pieces
     * @param list<Piece> $head
     */
    private static function wordsFirst(array $pieces, array $head, bool $opens): self
    {
        $label = '';
        if ($opens && \count($head) > 1) {
            $label = $head[0]->text;
            $pieces = \array_slice($pieces, 1);
        } elseif ($opens && [] !== $head) {
            [$label, $state] = ChannelName::parted($head[0]->text);
            $pieces = [Piece::words($state), ...\array_slice($pieces, 1)];
        }
        $ranges = [];
        $words = [];
        foreach ($pieces as $piece) {
            if (null === $piece->bound) {
                $words[] = $piece;
                continue;
            }
            $ranges[] = [$piece->bound, self::joined($words)];
            $words = [];
        }

        return new self($label, $ranges);
    }

    /**
     * The same values in decimal, hexadecimal and percent side by side are one range; decimal counts.
     *
     * @param list<Bound> $bounds
     *
     * @return list<Bound>
     */
    private static function distinct(array $bounds): array
    {
        if ([] === $bounds) {
            return [];
        }
        $best = min(array_map(static fn (Bound $bound): int => $bound->notation->value, $bounds));

        return array_values(array_filter($bounds, static fn (Bound $bound): bool => $bound->notation->value === $best));
    }

    /** @param list<Piece> $pieces */
    private static function joined(array $pieces): string
    {
        return trim(implode(' ', array_map(static fn (Piece $piece): string => $piece->text, $pieces)));
    }
}
