<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Input\InputError;

/**
 * Whether the runs of a rig document lead somewhere: each unit on one at most, splitters at their ends, nothing fed by itself.
 *
 * @internal
 */
final class RunReferences
{
    /** @throws InputError */
    public static function require(RigDocument $rig): void
    {
        $on = [];
        foreach ($rig->runs as $index => $run) {
            $path = 'runs['.$index.']';
            self::from($rig, $run, $path);
            foreach ($run->items as $place => $item) {
                $at = $path.'.items['.$place.']';
                if (null !== $item->splitter && $place < \count($run->items) - 1) {
                    throw InputError::because(
                        'after_splitter',
                        $path.'.items['.($place + 1).']',
                        \sprintf('%s ends a run: nothing comes after it.', InputError::quote($item->splitter->name)),
                    );
                }
                if (null === $item->unit) {
                    continue;
                }
                $unit = $rig->units[$item->unit] ?? throw InputError::unknownFixture($at.'.fixture', (string) $item->unit);
                if (isset($on[$item->unit])) {
                    throw InputError::because('duplicate', $at.'.fixture', \sprintf(
                        '%s hangs on %s already; a unit hangs on one run.',
                        InputError::quote($unit->name),
                        InputError::quote($on[$item->unit]),
                    ));
                }
                $on[$item->unit] = $run->name;
            }
        }
    }

    private static function from(RigDocument $rig, RunEntry $run, string $path): void
    {
        $seen = [];
        for ($at = $run; isset($at->from['run']); $at = $before) {
            $before = $rig->runs[$at->from['run']] ?? throw InputError::because(
                'out_of_range',
                $path.'.from.run',
                \sprintf('There is no run number %d in this document.', $at->from['run']),
            );
            $splitter = [] === $before->items ? null : $before->items[\count($before->items) - 1]->splitter;
            if (null === $splitter) {
                throw InputError::because(
                    'not_a_choice',
                    $path.'.from.run',
                    \sprintf('%s does not end in a splitter.', InputError::quote($before->name)),
                );
            }
            if ($at->from['output'] > $splitter->outputs) {
                throw InputError::because('out_of_range', $path.'.from.output', \sprintf(
                    '%s has %d outputs, not %d.',
                    InputError::quote($splitter->name),
                    $splitter->outputs,
                    $at->from['output'],
                ));
            }
            if (isset($seen[$at->from['run']])) {
                throw InputError::because(
                    'loop',
                    $path.'.from.run',
                    \sprintf('%s is fed by itself, by way of %s.', InputError::quote($run->name), InputError::quote($before->name)),
                );
            }
            $seen[$at->from['run']] = true;
        }
    }
}
