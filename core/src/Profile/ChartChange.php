<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** What an edit did to a chart, in words for the log. */
final class ChartChange
{
    private const MOST = 3;

    /** @return string such as "Drum 6, 9-channel: Shutter (7) gains 24–210 Flash" */
    public static function words(FixtureProfile $before, FixtureProfile $after): string
    {
        $changes = [...self::head($before, $after), ...self::modes($before, $after)];
        if ([] === $changes) {
            return $after->model.': nothing changed';
        }
        $more = \count($changes) - self::MOST;

        return $after->model.': '.implode('; ', \array_slice($changes, 0, self::MOST)).($more > 0 ? \sprintf('; and %d more', $more) : '');
    }

    /** @return list<string> */
    private static function head(FixtureProfile $before, FixtureProfile $after): array
    {
        $changes = [];
        if ($before->maker !== $after->maker || $before->model !== $after->model) {
            $changes[] = \sprintf('renamed from %s %s', $before->maker, $before->model);
        }
        if ($before->kind !== $after->kind || $before->watts !== $after->watts || $before->movement !== $after->movement) {
            $changes[] = 'kind, watts or travel changed';
        }
        if (!self::same($before->switches, $after->switches)) {
            $changes[] = 'address switches changed';
        }
        if (!self::same($before->unit, $after->unit)) {
            $changes[] = 'setting words changed';
        }
        if (!self::same($before->record, $after->record)) {
            $changes[] = 'what is noted beside the chart changed';
        }
        $keys = static fn (FixtureProfile $profile): array => array_map(
            static fn (Emitter $emitter): string => $emitter->key,
            $profile->emitters,
        );
        foreach (array_diff($keys($after), $keys($before)) as $key) {
            $changes[] = 'emitter '.$key.' added';
        }
        foreach (array_diff($keys($before), $keys($after)) as $key) {
            $changes[] = 'emitter '.$key.' removed';
        }
        foreach ($after->emitters as $emitter) {
            $old = $before->emitter($emitter->key);
            if (null !== $old && !self::same($old, $emitter)) {
                $changes[] = 'figures of emitter '.$emitter->key.' changed';
            }
        }

        return $changes;
    }

    /** @return list<string> */
    private static function modes(FixtureProfile $before, FixtureProfile $after): array
    {
        $changes = [];
        foreach ($after->modes as $mode) {
            $old = $before->mode($mode->key);
            if (null === $old) {
                $changes[] = 'mode '.$mode->name.' added';
            } elseif (!self::same($old, $mode)) {
                array_push($changes, ...self::mode($old, $mode));
            }
        }
        foreach ($before->modes as $mode) {
            if (null === $after->mode($mode->key)) {
                $changes[] = 'mode '.$mode->name.' removed';
            }
        }

        return $changes;
    }

    /** @return list<string> */
    private static function mode(Mode $old, Mode $new): array
    {
        $changes = [];
        if ($old->name !== $new->name || $old->count !== $new->count || $old->display !== $new->display || $old->setup !== $new->setup) {
            $changes[] = 'name, count or setting words changed';
        }
        $most = max($old->footprint(), $new->footprint());
        for ($index = 0; $index < $most; ++$index) {
            $was = $old->channels[$index] ?? null;
            $is = $new->channels[$index] ?? null;
            if (self::same($was, $is)) {
                continue;
            }
            $changes[] = match (true) {
                null === $was => 'channel '.($is?->title() ?? '').' added',
                null === $is => 'channel '.$was->title().' removed',
                default => self::channel($was, $is),
            };
        }

        return array_map(static fn (string $change): string => $new->name.', '.$change, $changes);
    }

    private static function channel(Channel $was, Channel $is): string
    {
        $lines = static fn (Channel $channel): array => array_map(
            static fn (Range $range): string => $range->span().' '.$range->title(),
            $channel->ranges,
        );
        $gained = array_diff($lines($is), $lines($was));
        $lost = array_diff($lines($was), $lines($is));

        return match (true) {
            $was->label !== $is->label => $was->title().' is called '.$is->label,
            [] !== $gained && [] !== $lost => $is->title().': '.reset($gained).' instead of '.reset($lost),
            [] !== $gained => $is->title().' gains '.reset($gained),
            [] !== $lost => $is->title().' loses '.reset($lost),
            default => $is->title().' changed',
        };
    }

    /** Member by member, types included: an unknown quantity is not 0. */
    private static function same(?object $one, ?object $other): bool
    {
        return serialize($one) === serialize($other);
    }
}
