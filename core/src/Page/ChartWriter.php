<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Profile\Channel;

/** A chart as a table of plain text, one row a range, that a spreadsheet takes and ChartReader reads back. */
final class ChartWriter
{
    /** @param list<ReadMode> $modes */
    public static function write(array $modes): string
    {
        return implode("\n", array_map(self::mode(...), $modes));
    }

    private static function mode(ReadMode $mode): string
    {
        $rows = '' === $mode->name ? [] : [self::cell($mode->name)];
        $rows[] = "Channel\tFunction\tValues\tDescription";
        foreach ($mode->channels as $channel) {
            array_push($rows, ...self::channel($channel));
        }

        return implode("\n", $rows)."\n";
    }

    /** @return list<string> */
    private static function channel(Channel $channel): array
    {
        $rows = [];
        foreach ($channel->ranges as $index => $range) {
            $words = $range->label === $channel->label ? '' : $range->label;
            $rows[] = \sprintf(
                "%s\t%s\t%03d-%03d\t%s",
                0 === $index ? $channel->offset : '',
                0 === $index ? self::cell($channel->label) : '',
                $range->from,
                $range->to,
                self::cell($words),
            );
        }

        return [] === $rows ? [\sprintf("%d\t%s\t000-255\t", $channel->offset, self::cell($channel->label))] : $rows;
    }

    private static function cell(string $text): string
    {
        return trim(preg_replace('/[\t\r\n|]+/', ' ', $text) ?? $text);
    }
}
