<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/**
 * How a scene is stored at a desk, in its operator's own words.
 *
 * A line may hold {look}, {bank}, {scene}; a line with {button}, {page} or {faders} is said once for each button and page
 * that has something to set. {faders} reads "1 Dimmer at 209, 2 Red at 255".
 */
final class StoreLines
{
    public const PLACEHOLDERS = ['look', 'bank', 'scene', 'button', 'page', 'faders'];
    private const REPEATED = ['button', 'page', 'faders'];

    /** @return list<string> names of placeholders in a line, in the order in which they stand */
    public static function placeholders(string $line): array
    {
        return 0 === preg_match_all('/\{([^{}]*)\}/', $line, $found) ? [] : $found[1];
    }

    /**
     * What to do, line by line. A desk whose storing nobody described gets a usual way of saying it.
     *
     * @param list<array{button: int|null, page: int, fader: int, value: int, label: string}> $steps as DeskProgram gives them
     *
     * @return list<string>
     */
    public static function of(Desk $desk, string $look, int $bank, int $scene, array $steps): array
    {
        $whole = ['look' => $look, 'bank' => (string) $bank, 'scene' => (string) $scene];
        $groups = self::groups($desk, $steps);
        $lines = [];
        foreach ([] === $desk->manual->store ? self::usual($desk) : $desk->manual->store as $line) {
            if ([] === array_intersect(self::REPEATED, self::placeholders($line))) {
                $lines[] = self::filled($line, $whole);
                continue;
            }
            foreach ($groups as $group) {
                $lines[] = self::filled($line, $whole + $group);
            }
        }

        return $lines;
    }

    /** "Drawer 2, memory 3", "Preset 4"; "" at a desk that keeps nothing. */
    public static function place(Desk $desk, int $bank, int $scene): string
    {
        $keys = $desk->manual->keys;

        return match (true) {
            null === $desk->banks => '',
            1 === $desk->banks => \sprintf('%s %d', $keys->of('scene'), $scene),
            default => \sprintf('%s %d, %s %d', $keys->of('bank'), $bank, mb_strtolower($keys->of('scene')), $scene),
        };
    }

    /** @return non-empty-list<string> */
    public static function usual(Desk $desk): array
    {
        $keys = $desk->manual->keys;
        $set = match (true) {
            $desk->layout->hasButtons() && $desk->pages > 1 && Layout::Buttons === $desk->layout => \sprintf(
                '%s {button}, %s {page}: {faders}',
                $keys->of('button'),
                $keys->of('page'),
            ),
            $desk->layout->hasButtons() => \sprintf('%s {button}: {faders}', $keys->of('button')),
            $desk->pages > 1 => \sprintf('%s {page}: {faders}', $keys->of('page')),
            default => 'Set {faders}',
        };

        return null === $desk->banks
            ? [$set, 'Leave the faders there: this desk keeps no scenes']
            : [
                \sprintf('%s on', $keys->of('program')),
                $set,
                \sprintf('%s, %s {bank}, %s {scene}', $keys->of('store'), $keys->of('bank'), $keys->of('scene')),
                \sprintf('%s off', $keys->of('program')),
            ];
    }

    /**
     * @param list<array{button: int|null, page: int, fader: int, value: int, label: string}> $steps
     *
     * @return list<array{button: string, page: string, faders: string}>
     */
    private static function groups(Desk $desk, array $steps): array
    {
        $groups = [];
        foreach ($steps as $step) {
            $groups[$step['button'].'/'.$step['page']][] = $step;
        }

        return array_map(static fn (array $group): array => [
            'button' => (string) $group[0]['button'],
            'page' => $desk->manual->keys->page($group[0]['page']),
            'faders' => implode(
                ', ',
                array_map(
                    static fn (array $row): string => \sprintf('%d %s at %d', $row['fader'], $row['label'], $row['value']),
                    $group,
                ),
            ),
        ], array_values($groups));
    }

    /** @param array<string, string> $words by placeholder */
    private static function filled(string $line, array $words): string
    {
        return preg_replace_callback('/\{([^{}]*)\}/', static fn (array $found): string => $words[$found[1]] ?? $found[0], $line) ?? $line;
    }
}
