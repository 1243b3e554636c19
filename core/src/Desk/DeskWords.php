<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** What the desk's map says about a unit, as a sentence. */
final class DeskWords
{
    /** @param callable(string): string $name what a unit is called */
    public static function sentence(DeskFinding $finding, callable $name): string
    {
        $who = $name($finding->unit);
        $figure = static fn (string $key): string => implode(', ', array_map(strval(...), (array) ($finding->figures[$key] ?? [])));
        $with = array_map(static fn (mixed $one): string => $name(\is_string($one) ? $one : ''), (array) ($finding->figures['with'] ?? []));

        return match ($finding->code) {
            'other_universe' => \sprintf('%s is in universe %s; this desk sends universe %s.', $who, $figure('universe'), $figure('sent')),
            'not_aligned' => \sprintf(
                '%s starts at %s, but %s: its first channel is not on the first fader.',
                $who,
                $figure('address'),
                '' === $figure('button')
                    ? 'no button begins there'
                    : \sprintf('button %s begins at %s', $figure('button'), $figure('start')),
            ),
            'spills' => \sprintf(
                '%s has %s channels and a button has %s addresses: its %s on button %s.',
                $who,
                $figure('count'),
                $figure('stride'),
                self::said($finding->channels, 'lies', 'lie'),
                $figure('buttons'),
            ),
            'hidden' => \sprintf('%s: no fader reaches its %s.', $who, self::said($finding->channels)),
            'shared_button' => \sprintf('%s answers to button %s together with %s.', $who, $figure('buttons'), implode(', ', $with)),
            'twins' => \sprintf('%s and %s share address %s and mode: they move together.', implode(', ', $with), $who, $figure('address')),
            default => \sprintf('%s at %s is beyond every fader of this desk.', $who, $figure('address')),
        };
    }

    /** @param list<int> $channels ascending */
    private static function said(array $channels, string $one = '', string $many = ''): string
    {
        $first = $channels[0];
        $last = $channels[\count($channels) - 1];
        $isRun = $last - $first + 1 === \count($channels);
        $verb = 1 === \count($channels) ? $one : $many;

        return rtrim(match (true) {
            1 === \count($channels) => 'channel '.$first,
            $isRun => \sprintf('channels %d–%d', $first, $last),
            default => 'channels '.implode(', ', $channels),
        }.' '.$verb);
    }
}
