<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Text\Names;

/** What the desk's map says about a unit, or about twins, as a sentence. */
final class DeskWords
{
    /**
     * @param callable(string): string $name   what a unit is called
     * @param string                   $called what the desk calls a button, in the middle of a sentence
     * @param string|null              $who    names of the twins that it is said of as well; null for the unit alone
     */
    public static function sentence(DeskFinding $finding, callable $name, string $called = 'button', ?string $who = null): string
    {
        $isMany = null !== $who;
        $who ??= $name($finding->unit);
        $figure = static fn (string $key): string => Names::all(array_map(strval(...), (array) ($finding->figures[$key] ?? [])));
        $with = array_map(static fn (mixed $id): string => $name(\is_string($id) ? $id : ''), (array) ($finding->figures['with'] ?? []));
        $buttons = $called.(\count((array) ($finding->figures['buttons'] ?? [])) > 1 ? 's ' : ' ').$figure('buttons');

        return match ($finding->code) {
            'other_universe' => \sprintf(
                '%s %s in universe %s; this desk sends universe %s.',
                $who,
                $isMany ? 'are' : 'is',
                $figure('universe'),
                $figure('sent'),
            ),
            'not_aligned' => \sprintf(
                '%s %s at %s, but %s: %s first channel is not on the first fader.',
                $who,
                $isMany ? 'start' : 'starts',
                $figure('address'),
                '' === $figure('button')
                    ? \sprintf('no %s begins there', $called)
                    : \sprintf('%s %s begins at %s', $called, $figure('button'), $figure('start')),
                $isMany ? 'their' : 'its',
            ),
            'spills' => \sprintf(
                '%s %s %s channels and a %s has %s addresses: %s %s on %s.',
                $who,
                $isMany ? 'have' : 'has',
                $figure('count'),
                $called,
                $figure('stride'),
                $isMany ? 'their' : 'its',
                self::said($finding->channels, 'lies', 'lie'),
                $buttons,
            ),
            'hidden' => \sprintf('%s: no fader reaches %s %s.', $who, $isMany ? 'their' : 'its', self::said($finding->channels)),
            'shared_button' => \sprintf('%s answers to %s together with %s.', $who, $buttons, Names::few($with)),
            'twins' => \sprintf(
                '%s share address %03d and mode: they move together.',
                $isMany ? $who : Names::few([...$with, $who]),
                $figure('address'),
            ),
            default => \sprintf(
                '%s at %s %s beyond every fader of this desk.',
                $who,
                $figure('address'),
                $isMany ? 'are' : 'is',
            ),
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
