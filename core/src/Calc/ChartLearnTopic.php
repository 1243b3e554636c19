<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Learn\FaderSearch;
use Rigger\Core\Learn\ObservedRange;
use Rigger\Core\Profile\ChartRecordReader;

/** `chart.learn` {"notes":[{"value","what"}]} → {"try","ranges"}. */
final class ChartLearnTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $search = new FaderSearch(Members::of($input, ['notes'])->each('notes', ChartRecordReader::note(...)));

        return [
            'try' => $search->next(),
            'ranges' => array_map(
                static fn (ObservedRange $range): array => ['from' => $range->from, 'to' => $range->to, 'what' => $range->what],
                $search->ranges(),
            ),
        ];
    }
}
