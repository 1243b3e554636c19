<?php

declare(strict_types=1);

namespace Rigger\Core\Listing;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Emitter;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\Range;

/** Charts as rows of a list, for a spreadsheet. What is noted beside a chart (setting words, acceptances) has no column. */
final class ProfileList
{
    /** @return list<list<string>> the heads first */
    public static function rows(FixtureProfile ...$profiles): array
    {
        $rows = [ProfileColumns::ALL];
        foreach ($profiles as $profile) {
            foreach ($profile->modes as $mode) {
                foreach ([] === $mode->channels ? [null] : $mode->channels as $channel) {
                    foreach (null === $channel || [] === $channel->ranges ? [null] : $channel->ranges as $range) {
                        $rows[] = self::row([
                            ...self::ofProfile($profile),
                            ...self::ofMode($mode),
                            ...(null === $channel ? [] : self::ofChannel($channel)),
                            ...(null === $range ? [] : self::ofRange($range)),
                        ]);
                    }
                }
            }
        }

        return $rows;
    }

    /**
     * @param array<string, string|int|float|null> $cells
     *
     * @return list<string>
     */
    private static function row(array $cells): array
    {
        return array_map(static function (string $column) use ($cells): string {
            $cell = $cells[$column] ?? null;

            return \is_string($cell) ? Cell::guarded($cell) : (null === $cell ? '' : (string) json_encode($cell));
        }, ProfileColumns::ALL);
    }

    /** @return array<string, string|int|float|null> */
    private static function ofProfile(FixtureProfile $profile): array
    {
        return [
            'maker' => $profile->maker, 'model' => $profile->model, 'kind' => $profile->kind, 'watts' => $profile->watts,
            'pan' => $profile->movement['pan'] ?? null, 'tilt' => $profile->movement['tilt'] ?? null,
            'switches' => null === $profile->switches ? null : $profile->switches->count.' from '.$profile->switches->base,
            'emitters' => [] === $profile->emitters ? null : implode('; ', array_map(self::emitter(...), $profile->emitters)),
        ];
    }

    private static function emitter(Emitter $emitter): string
    {
        $number = static fn (float $value): string => (string) json_encode($value);

        return implode(
            ' ',
            [rawurlencode($emitter->key), $number($emitter->chromaticity->x), $number($emitter->chromaticity->y), $number($emitter->flux)],
        ).($emitter->typical ? ' typical' : '');
    }

    /** @return array<string, string|int|float|null> */
    private static function ofMode(Mode $mode): array
    {
        return [
            'mode' => $mode->key,
            'mode name' => $mode->name,
            'count' => $mode->count,
            'display' => $mode->display,
            'setup' => $mode->setup,
        ];
    }

    /** @return array<string, string|int|float|null> */
    private static function ofChannel(Channel $channel): array
    {
        return [
            'channel' => $channel->offset,
            'name' => $channel->label,
            'cell' => $channel->cell,
            'fine of' => $channel->fineOf,
            'rests at' => $channel->default,
        ];
    }

    /** @return array<string, string|int|float|null> */
    private static function ofRange(Range $range): array
    {
        return [
            'from' => $range->from, 'to' => $range->to, 'range' => $range->label, 'function' => $range->function->value,
            'start' => $range->start, 'end' => $range->end, 'emitter' => $range->emitter, 'hex' => $range->hex, 'slot' => $range->slot,
        ];
    }
}
