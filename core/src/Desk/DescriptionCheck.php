<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\Span;

/**
 * Where a description of a desk contradicts itself, with the two numbers that disagree.
 *
 * desk.map takes such a description as it stands; one that is kept in the library must not hold any.
 */
final class DescriptionCheck
{
    /** A fader's cap is no narrower, so no two faders stand closer. */
    private const LEAST_PITCH = 6.0;
    /** Lower tape holds no letter that is legible from 60 cm. */
    private const LEAST_HEIGHT = 6.0;

    /** @throws InputError the first of them */
    public static function refuse(Desk $desk): void
    {
        foreach (self::of($desk) as $error) {
            throw $error;
        }
    }

    /** @return list<InputError> in the order of a description's members */
    public static function of(Desk $desk): array
    {
        return array_values(array_filter([
            ...self::layout($desk),
            self::stride($desk),
            ...self::scenes($desk),
            ...self::measures($desk),
            self::pageNames($desk),
            ...self::store($desk),
        ]));
    }

    /** @return list<InputError|null> */
    private static function layout(Desk $desk): array
    {
        $hasButtons = $desk->layout->hasButtons();

        return [
            !$hasButtons && null !== $desk->buttons
                ? self::at('buttons', \sprintf('%d buttons are named, and a desk of this kind has 0.', $desk->buttons))
                : null,
            \in_array($desk->layout, [Layout::Preset, Layout::Zones], true) && $desk->pages > 1
                ? self::at('pages', \sprintf('%d pages are named, and a desk of this kind has 1.', $desk->pages))
                : null,
            Layout::Preset !== $desk->layout && $desk->wide
                ? self::at('wide', 'Joining two rows into one needs 2 rows, and a desk of this kind has 1.')
                : null,
            $hasButtons && $desk->first + $desk->reach() - 1 > Span::LAST_SLOT
                ? self::at(
                    'first',
                    \sprintf(
                        'From %d on there are %d addresses, and the first %s takes %d.',
                        $desk->first,
                        Span::LAST_SLOT - $desk->first + 1,
                        Layout::Zones === $desk->layout ? 'zone' : 'button',
                        $desk->reach(),
                    ),
                )
                : null,
        ];
    }

    private static function stride(Desk $desk): ?InputError
    {
        if (!$desk->layout->hasButtons() || null === $desk->stride || $desk->stride >= $desk->drives()) {
            return null;
        }
        $sum = Layout::Buttons === $desk->layout && $desk->pages > 1
            ? \sprintf('%d faders on %d pages drive %d channels', $desk->faders, $desk->pages, $desk->drives())
            : \sprintf('%d faders drive %d channels', $desk->faders, $desk->drives());

        return self::at(
            'stride',
            \sprintf(
                '%s, and the next %s begins after %d: two would move one address.',
                $sum,
                Layout::Zones === $desk->layout ? 'zone' : 'button',
                $desk->stride,
            ),
        );
    }

    /** @return list<InputError|null> */
    private static function scenes(Desk $desk): array
    {
        $scenes = ($desk->banks ?? 0) * ($desk->scenesPerBank ?? 0);
        $hasBoth = null !== $desk->banks && null !== $desk->scenesPerBank;

        return [
            null === $desk->banks && null !== $desk->scenesPerBank
                ? self::at('banks', \sprintf('%d scenes a bank are named, and 0 banks.', $desk->scenesPerBank))
                : null,
            null !== $desk->banks && null === $desk->scenesPerBank
                ? self::at('scenesPerBank', \sprintf('%d banks are named, with 0 scenes in each.', $desk->banks))
                : null,
            0 === ($desk->chases ?? 0) && ($desk->stepsPerChase ?? 0) > 0
                ? self::at('chases', \sprintf('%d steps a chase are named, and 0 chases.', $desk->stepsPerChase ?? 0))
                : null,
            ($desk->chases ?? 0) > 0 && 0 === ($desk->stepsPerChase ?? 0)
                ? self::at('stepsPerChase', \sprintf('%d chases are named, with 0 steps in each.', $desk->chases ?? 0))
                : null,
            $hasBoth && ($desk->stepsPerChase ?? 0) > $scenes
                ? self::at(
                    'stepsPerChase',
                    \sprintf(
                        'A chase of %d steps needs as many scenes, and %d banks of %d hold %d.',
                        $desk->stepsPerChase ?? 0,
                        $desk->banks,
                        $desk->scenesPerBank,
                        $scenes,
                    ),
                )
                : null,
        ];
    }

    /** @return list<InputError|null> */
    private static function measures(Desk $desk): array
    {
        $manual = $desk->manual;

        return [
            self::tooClose('pitch', $manual->pitch, $desk->faders, 'faders'),
            self::tooClose('buttonPitch', $manual->buttonPitch, $desk->buttons ?? 0, 'buttons'),
            self::tooClose('scenePitch', $manual->scenePitch, $desk->scenesPerBank ?? 0, 'scene keys'),
            null !== $manual->tapeHeight && $manual->tapeHeight < self::LEAST_HEIGHT
                ? self::at(
                    'tapeHeight',
                    \sprintf(
                        'Tape %s mm high holds no letter that is legible from 60 cm: %s mm is the least.',
                        self::mm($manual->tapeHeight),
                        self::mm(self::LEAST_HEIGHT),
                    ),
                )
                : null,
        ];
    }

    private static function tooClose(string $field, ?float $pitch, int $count, string $what): ?InputError
    {
        return null !== $pitch && $pitch < self::LEAST_PITCH
            ? self::at(
                $field,
                \sprintf(
                    '%d %s %s mm apart would stand on one another: %s mm is the least.',
                    $count,
                    $what,
                    self::mm($pitch),
                    self::mm(self::LEAST_PITCH),
                ),
            )
            : null;
    }

    private static function pageNames(Desk $desk): ?InputError
    {
        $names = \count($desk->manual->keys->pages);

        return 0 !== $names && $names !== $desk->pages
            ? self::at(
                'keys.pages',
                \sprintf('%d names of pages are given, and the desk has %d page%s.', $names, $desk->pages, 1 === $desk->pages ? '' : 's'),
            )
            : null;
    }

    /** @return list<InputError> */
    private static function store(Desk $desk): array
    {
        $errors = [];
        $missing = array_filter([
            'button' => $desk->layout->hasButtons() ? null : 'buttons',
            'bank' => null === $desk->banks ? 'banks' : null,
            'scene' => null === $desk->banks ? 'scenes' : null,
        ]);
        foreach ($desk->manual->store as $index => $line) {
            foreach (StoreLines::placeholders($line) as $name) {
                if (!\in_array($name, StoreLines::PLACEHOLDERS, true)) {
                    $errors[] = self::at(
                        'store['.$index.']',
                        \sprintf('Step %d holds {%s}; known are {%s}.', $index + 1, $name, implode('}, {', StoreLines::PLACEHOLDERS)),
                    );
                } elseif (isset($missing[$name])) {
                    $errors[] = self::at(
                        'store['.$index.']',
                        \sprintf('Step %d names a %s, and the desk has 0 %s.', $index + 1, $name, $missing[$name]),
                    );
                }
            }
        }

        return $errors;
    }

    private static function at(string $field, string $message): InputError
    {
        return InputError::because('contradiction', $field, $message);
    }

    private static function mm(float $millimetres): string
    {
        return (string) json_encode(round($millimetres, 2));
    }
}
