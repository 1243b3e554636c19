<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Input\InputError;

/**
 * Whether every reference of a rig document leads somewhere.
 *
 * @internal
 */
final class RigReferences
{
    /** @throws InputError */
    public static function require(RigDocument $rig): void
    {
        self::units($rig);
        self::typeCurves($rig);
        self::looks($rig);
        self::holds($rig);
        self::known($rig);
        ReceiverReferences::require($rig);
        CircuitEntry::require($rig);
        RunReferences::require($rig);
    }

    private static function units(RigDocument $rig): void
    {
        foreach ($rig->units as $index => $unit) {
            $path = 'fixtures['.$index.']';
            $type = $rig->types[$unit->type] ?? throw self::noSuch('chart', $path.'.type', $unit->type);
            if (null === $type->mode($unit->mode)) {
                throw InputError::because(
                    'unknown_mode',
                    $path.'.mode',
                    \sprintf('%s has no mode %s.', $type->model, InputError::quote($unit->mode)),
                );
            }
            $link = null === $unit->link
                ? null
                : $rig->links[$unit->link] ?? throw InputError::because(
                    'out_of_range',
                    $path.'.link',
                    \sprintf('There is no link number %d in this document.', $unit->link),
                );
            if (null !== $unit->receiver && (null === $link || !$rig->kits[$link->kit]->has($unit->receiver))) {
                throw InputError::because(
                    'not_a_choice',
                    $path.'.receiver',
                    \sprintf('%s is no name of that radio kit.', InputError::quote($unit->receiver)),
                );
            }
        }
    }

    private static function typeCurves(RigDocument $rig): void
    {
        $bent = [];
        foreach ($rig->typeCurves as $index => $curves) {
            $path = 'typeCurves['.$index.']';
            $type = $rig->types[$curves->type] ?? throw InputError::because(
                'out_of_range',
                $path.'.type',
                \sprintf('There is no chart number %d in this document.', $curves->type),
            );
            if (null === $type->mode($curves->mode)) {
                throw InputError::because(
                    'unknown_mode',
                    $path.'.mode',
                    \sprintf('%s has no mode %s.', $type->model, InputError::quote($curves->mode)),
                );
            }
            if (isset($bent[$curves->type.'/'.$curves->mode])) {
                throw InputError::duplicate($path.'.mode', $curves->mode);
            }
            $bent[$curves->type.'/'.$curves->mode] = true;
        }
    }

    private static function looks(RigDocument $rig): void
    {
        $taken = [];
        foreach ($rig->looks as $index => $look) {
            $path = 'looks['.$index.']';
            $place = $look->bank.'.'.$look->number;
            if (isset($taken[$place])) {
                throw InputError::duplicate($path.'.number', $place);
            }
            $taken[$place] = true;
            foreach ($look->values as $at => $values) {
                $unit = $rig->units[$at] ?? throw InputError::unknownFixture($path.'.cells', (string) $at);
                $expected = $rig->types[$unit->type]->mode($unit->mode)?->footprint() ?? 0;
                if (\count($values) !== $expected) {
                    throw InputError::valuesCount($path.'.cells', \count($values), $expected, InputError::quote($unit->name));
                }
            }
        }
    }

    /** Nobody holds what somebody else holds. */
    private static function holds(RigDocument $rig): void
    {
        foreach ($rig->holds as $index => $hold) {
            foreach (\array_slice($rig->holds, 0, $index) as $other) {
                if ($other->universe === $hold->universe && null !== $other->span->shared($hold->span)) {
                    throw InputError::because(
                        'duplicate',
                        'holds['.$index.'].from',
                        \sprintf('%s holds slots that %s holds too.', InputError::quote($hold->name), InputError::quote($other->name)),
                    );
                }
            }
        }
    }

    private static function known(RigDocument $rig): void
    {
        foreach ($rig->known as $index => $known) {
            $path = 'known['.$index.']';
            foreach ($known->units as $place) {
                if (!isset($rig->units[$place])) {
                    throw InputError::unknownFixture($path.'.fixtures', (string) $place);
                }
            }
            if (null !== $known->link && !isset($rig->links[$known->link])) {
                throw self::noSuch('link', $path.'.link', $known->link);
            }
            if (null !== $known->look && !isset($rig->looks[$known->look])) {
                throw self::noSuch('look', $path.'.look', $known->look);
            }
        }
    }

    private static function noSuch(string $what, string $path, int $index): InputError
    {
        return InputError::because('out_of_range', $path, \sprintf('There is no %s number %d in this document.', $what, $index));
    }
}
