<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Page\ChartReader;
use Rigger\Core\Page\ReadMode;
use Rigger\Core\Page\Remark;
use Rigger\Core\Profile\ProfileWriter;

/** `chart.read` {"text"} → {"modes","emitters","remarks"}. */
final class ChartReadTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $reading = ChartReader::read(Members::of($input, ['text'])->text('text'));

        return [
            'modes' => array_map(static fn (ReadMode $mode): array => [
                'name' => $mode->name,
                'count' => $mode->count,
                'channels' => array_map(ProfileWriter::channel(...), $mode->channels),
            ], $reading->modes),
            'emitters' => $reading->emitters,
            'remarks' => array_map(static fn (Remark $remark): array => $remark->toArray(), $reading->remarks),
        ];
    }
}
