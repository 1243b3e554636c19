<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Input\InputError;

/**
 * Whether receivers of a rig document, and what is behind them, lead somewhere.
 *
 * @internal
 */
final class ReceiverReferences
{
    /** @throws InputError */
    public static function require(RigDocument $rig): void
    {
        foreach ($rig->receivers as $index => $receiver) {
            $path = 'receivers['.$index.']';
            $link = $rig->links[$receiver->link] ?? throw self::noSuch('link', $path.'.link', $receiver->link);
            if (null !== $receiver->setting && !$rig->kits[$link->kit]->has($receiver->setting)) {
                throw InputError::because(
                    'not_a_choice',
                    $path.'.setting',
                    \sprintf('%s is no name of that radio kit.', InputError::quote($receiver->setting)),
                );
            }
        }
        foreach ($rig->units as $index => $unit) {
            self::unit($rig, $unit, 'fixtures['.$index.']');
        }
    }

    private static function unit(RigDocument $rig, UnitEntry $unit, string $path): void
    {
        $receiver = null === $unit->behind
            ? null
            : $rig->receivers[$unit->behind] ?? throw self::noSuch('receiver', $path.'.behind', $unit->behind);
        if (null !== $receiver && null !== $unit->link) {
            throw InputError::because(
                'not_a_choice',
                $path.'.behind',
                \sprintf('%s has a receiver of its own, or is behind another: not both.', InputError::quote($unit->name)),
            );
        }
        if (null === $unit->outputs) {
            return;
        }
        $expected = $rig->types[$unit->type]->mode($unit->mode)?->footprint() ?? 0;
        if (\count($unit->outputs) !== $expected) {
            throw InputError::valuesCount($path.'.outputs', \count($unit->outputs), $expected, InputError::quote($unit->name));
        }
        if (\count(array_unique($unit->outputs)) !== \count($unit->outputs)) {
            throw InputError::because(
                'duplicate',
                $path.'.outputs',
                \sprintf('Two channels of %s are on one output.', InputError::quote($unit->name)),
            );
        }
    }

    private static function noSuch(string $what, string $path, int $index): InputError
    {
        return InputError::because('out_of_range', $path, \sprintf('There is no %s number %d in this document.', $what, $index));
    }
}
