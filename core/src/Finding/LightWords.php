<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Light\Cause;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Names;

/** The sentences of what keeps a lamp dark, silent or busy with itself. */
final class LightWords
{
    /** @param string $unit name of the unit it is said of */
    public static function message(Cause $cause, string $unit = ''): string
    {
        $figures = $cause->figures;

        return match ($cause->code) {
            'dimmer_down' => \sprintf(
                '%s at %d %s down. %s',
                self::word($cause, 'channel'),
                $cause->value,
                \is_array($figures['channel'] ?? null) ? 'are' : 'is',
                self::wayOut($cause),
            ),
            'closed' => \sprintf(
                '%s at %d is in %s, %s. %s',
                self::word($cause, 'channel'),
                $cause->value,
                self::word($cause, 'range'),
                self::word($cause, 'span'),
                self::wayOut($cause),
            ),
            'no_colour' => self::noColour(\is_array($figures['emitters'] ?? null) ? $figures['emitters'] : []),
            'other_universe' => \sprintf(
                '%s is in universe %s, and the desk sends universe %s.',
                $unit,
                self::word($cause, 'universe'),
                self::word($cause, 'sent'),
            ),
            'not_linked' => null === ($figures['receiver'] ?? null)
                ? \sprintf('%s has no receiver set: %s sends on %s.', $unit, self::word($cause, 'sender'), self::word($cause, 'sends'))
                : \sprintf(
                    '%s does not respond: its receiver is set to %s, and %s sends on %s.%s',
                    $unit,
                    self::word($cause, 'receiver'),
                    self::word($cause, 'sender'),
                    self::word($cause, 'sends'),
                    isset($figures['wrong']) ? \sprintf(' Only the %s is wrong.', self::word($cause, 'wrong')) : '',
                ),
            'not_from_desk' => match (self::word($cause, 'state')) {
                'leader' => \sprintf('%s leads others and runs by itself: it hears no desk.', $unit),
                'follower' => \sprintf('%s does what its leader says: it hears no desk.', $unit),
                default => \sprintf('%s is set to run by itself: it hears no desk.', $unit),
            },
            'out_of_action' => \sprintf('%s is out of action.', $unit),
            'chart_errors' => \sprintf('%s has errors in its chart: put them right in Fixtures.', $unit),
            default => \sprintf('%s runs "%s" by itself: its colour faders do nothing now.', $unit, self::word($cause, 'program')),
        };
    }

    /** Why nothing that is sent reaches a unit behind radio; null when it does. */
    public static function silence(Rig $rig, Unit $unit): ?string
    {
        $cause = $rig->silence($unit);

        return null === $cause ? null : self::message($cause, $unit->name);
    }

    /**
     * All of them, one sentence after another; null for none.
     *
     * @param list<Cause> $causes
     */
    public static function why(array $causes, string $unit): ?string
    {
        return [] === $causes ? null : implode(' ', array_map(static fn (Cause $cause): string => self::message($cause, $unit), $causes));
    }

    /** @param list<string> $emitters */
    private static function noColour(array $emitters): string
    {
        return 1 === \count($emitters)
            ? \sprintf('No colour is up: raise %s.', $emitters[0])
            : \sprintf('No colour is up: raise one of %s.', implode(', ', $emitters));
    }

    private static function wayOut(Cause $cause): string
    {
        return match (true) {
            isset($cause->figures['full']) => \sprintf('Full is %s.', self::word($cause, 'full')),
            isset($cause->figures['openFrom']) => \sprintf('Raise it to %s or more.', self::word($cause, 'openFrom')),
            isset($cause->figures['openSpan']) => \sprintf('Set it to %s.', self::word($cause, 'openSpan')),
            default => 'Move it out of that range.',
        };
    }

    private static function word(Cause $cause, string $figure): string
    {
        $value = $cause->figures[$figure] ?? '';

        return \is_array($value) ? Names::all($value) : (string) $value;
    }
}
