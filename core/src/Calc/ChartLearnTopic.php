<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Learn\FaderSearch;
use Rigger\Core\Learn\Note;
use Rigger\Core\Learn\ObservedRange;

/** `chart.learn` {"notes":[{"value","what"}]} → {"try","ranges"}. */
final class ChartLearnTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $search = new FaderSearch(Members::of($input, ['notes'])->each('notes', self::note(...)));

        return [
            'try' => $search->next(),
            'ranges' => array_map(static fn (ObservedRange $one): array => ['from' => $one->from, 'to' => $one->to, 'what' => $one->what], $search->ranges()),
        ];
    }

    private static function note(mixed $document, string $path): Note
    {
        $in = Members::of($document, ['value', 'what'], $path);

        return new Note(max(0, min(255, $in->whole('value', 0, 255))), $in->text('what'));
    }
}
