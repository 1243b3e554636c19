<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Text\Figure;

/** What a desk cannot hold, in an operator's words. */
final class FitWords
{
    /** @param string $name of the look or the chase */
    public static function sentence(FitFinding $finding, string $name): string
    {
        $figures = array_map(
            static fn (int|float $one): string => \is_int($one) ? (string) $one : Figure::short($one, 1),
            $finding->figures,
        );
        $figure = static fn (string $key): string => $figures[$key] ?? '';

        return match ($finding->code) {
            'no_such_scene' => \sprintf(
                '%s is to be stored as scene %s of bank %s, and this desk has %s.',
                $name,
                $figure('number'),
                $figure('bank'),
                implode(' of ', array_filter([
                    isset($figures['banks']) ? $figure('banks').' banks' : '',
                    isset($figures['scenes']) ? $figure('scenes').' scenes' : '',
                ], static fn (string $part): bool => '' !== $part)),
            ),
            'scene_twice' => \sprintf(
                '%s is to be stored as scene %s of bank %s, where another look is stored already.',
                $name,
                $figure('number'),
                $figure('bank'),
            ),
            'too_many_chases' => \sprintf('%s is chase %s of this rig, and this desk holds %s.', $name, $figure('nth'), $figure('most')),
            'too_many_steps' => \sprintf(
                '%s has %s steps as it is played, and a chase of this desk holds %s.',
                $name,
                $figure('steps'),
                $figure('most'),
            ),
            'hold_held', 'fade_held' => \sprintf(
                'Step %d of %s is to %s %s s; this desk goes from %s to %s s, so it takes %s s.',
                $finding->step ?? 0,
                $name,
                'hold_held' === $finding->code ? 'hold' : 'fade in over',
                $figure('asked'),
                $figure('least'),
                $figure('most'),
                $figure('held'),
            ),
            default => throw new \DomainException("No words for {$finding->code}"),
        };
    }
}
