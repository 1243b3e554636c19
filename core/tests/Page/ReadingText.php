<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Page;

use Rigger\Core\Page\ChartReading;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Range;

/** A reading as lines that can be compared with the page by eye. */
final class ReadingText
{
    public static function of(ChartReading $reading): string
    {
        $lines = [];
        foreach ($reading->modes as $mode) {
            $lines[] = \sprintf('mode "%s", %d channels', $mode->name, $mode->count);
            foreach ($mode->channels as $channel) {
                $lines[] = self::channel($channel);
                foreach ($channel->ranges as $range) {
                    $lines[] = self::range($range);
                }
            }
        }
        $lines[] = 'emitters '.implode(' ', $reading->emitters);
        foreach ($reading->remarks as $remark) {
            $lines[] = \sprintf('line %d %s', $remark->line, $remark->code->value);
        }

        return implode("\n", array_map(rtrim(...), $lines))."\n";
    }

    private static function channel(Channel $channel): string
    {
        return \sprintf('  %d %s', $channel->offset, '' === $channel->label ? '(no name)' : $channel->label)
            .(null === $channel->cell ? '' : ' | cell '.$channel->cell).(null === $channel->fineOf ? '' : ' | fine of '.$channel->fineOf);
    }

    private static function range(Range $range): string
    {
        $words = [$range->function->value, $range->emitter, null === $range->slot ? null : '#'.$range->slot, $range->hex];
        if (null !== $range->start || null !== $range->end) {
            $words[] = $range->start.' to '.$range->end;
        }

        return \sprintf(
            '      %d-%d %s | %s',
            $range->from,
            $range->to,
            implode(' ', array_filter($words, static fn (?string $word): bool => null !== $word)),
            $range->label,
        );
    }
}
