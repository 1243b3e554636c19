<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Refused;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Receiver;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** Which outputs of a shared receiver a unit may have. */
final class Outputs
{
    /**
     * Behind a receiver; on a kit with outputs the unit takes those named, or the next that nobody has.
     *
     * @param list<int>|null $wished
     *
     * @throws InputError values_count, out_of_range, duplicate; Refused too_few_outputs
     */
    public static function put(Rig $rig, Unit $unit, Receiver $receiver, ?array $wished): Rig
    {
        $has = $rig->link($receiver->linkId)->kit->kit->outputs;
        if (0 === $has) {
            if (null !== $wished) {
                throw InputError::because(
                    'out_of_range',
                    'outputs',
                    \sprintf('%s hands all data on: it has no outputs.', $receiver->label),
                );
            }

            return $rig->withUnits($unit->behind($receiver, null));
        }
        $outputs = null === $wished ? self::next($rig, $unit, $receiver) : self::checked($unit, $receiver, $has, $wished);

        return $rig->withUnits($unit->behind($receiver, $outputs));
    }

    /** @throws Refused too_few_outputs where a kit has fewer than the units behind a receiver are on */
    public static function requireRoom(Rig $rig, Link $link, Receiver $receiver): void
    {
        $has = $link->kit->kit->outputs;
        foreach ($rig->behind($receiver->id) as $unit) {
            $needed = max(0, ...$unit->outputs());
            if ($has > 0 && $needed > $has) {
                throw self::tooFew($unit, $needed, $has, $link->kit->kit->name);
            }
        }
    }

    /** @return list<int> outputs of a receiver that nobody else has, ascending; none where it hands all data on */
    public static function free(Rig $rig, Unit $unit, Receiver $receiver): array
    {
        $has = $rig->link($receiver->linkId)->kit->kit->outputs;
        $taken = [];
        foreach ($rig->behind($receiver->id) as $other) {
            $taken += $other->id === $unit->id ? [] : array_fill_keys($other->outputs(), true);
        }

        return 0 === $has ? [] : array_values(array_filter(range(1, $has), static fn (int $output): bool => !isset($taken[$output])));
    }

    /** @return list<int> */
    private static function next(Rig $rig, Unit $unit, Receiver $receiver): array
    {
        $free = self::free($rig, $unit, $receiver);
        $needed = $unit->footprint();
        if (\count($free) < $needed) {
            throw self::tooFew($unit, $needed, \count($free), $receiver->label);
        }

        return \array_slice($free, 0, $needed);
    }

    /**
     * @param list<int> $wished
     *
     * @return list<int>
     */
    private static function checked(Unit $unit, Receiver $receiver, int $has, array $wished): array
    {
        if (\count($wished) !== $unit->footprint()) {
            throw InputError::valuesCount('outputs', \count($wished), $unit->footprint(), $unit->name);
        }
        foreach ($wished as $nth => $output) {
            if ($output < 1 || $output > $has) {
                throw InputError::because(
                    'out_of_range',
                    'outputs['.$nth.']',
                    \sprintf('%s has outputs 1 to %d, not %d.', $receiver->label, $has, $output),
                );
            }
        }
        if (\count(array_unique($wished)) !== \count($wished)) {
            throw InputError::because('duplicate', 'outputs', \sprintf('Two channels of %s cannot be on one output.', $unit->name));
        }

        return $wished;
    }

    private static function tooFew(Unit $unit, int $needed, int $has, string $of): Refused
    {
        return Refused::because('too_few_outputs', \sprintf(
            '%s needs %d output%s, and %s has %s.',
            $unit->name,
            $needed,
            1 === $needed ? '' : 's',
            $of,
            0 === $has ? 'none left' : $has,
        ));
    }
}
