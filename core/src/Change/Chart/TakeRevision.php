<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Chart;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Refit;
use Rigger\Core\Rig\Rig;

/** Every unit of a type follows its newest chart from now on. */
final readonly class TakeRevision implements Change
{
    public function __construct(public string $type)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $latest = $world->latest($this->type);
        $taken = 0;
        foreach ($rig->units as $unit) {
            if ($unit->revision()->typeId !== $latest->typeId || $unit->revision()->follows($latest)) {
                continue;
            }
            $at = $latest->mode($unit->mode()->key) ?? throw Refused::because(
                'mode_gone',
                \sprintf(
                    'Revision %d has no mode %s, which %s is set to. Set it to another mode first.',
                    $latest->number,
                    $unit->mode()->name,
                    $unit->name,
                ),
            );
            $mode = $at->mode;
            if (0 === $mode->footprint()) {
                throw Refused::because('mode_empty', \sprintf('Mode %s of revision %d has no channels.', $mode->name, $latest->number));
            }
            $rig = Refit::looks($rig, $unit, $at)->withUnits($unit->following($latest));
            ++$taken;
        }
        if (0 === $taken) {
            throw Refused::because(
                'nothing_to_take',
                \sprintf('Every %s here follows revision %d already.', $latest->model, $latest->number),
            );
        }

        return new Applied(
            $rig,
            \sprintf('Took revision %d of %s for %d unit%s', $latest->number, $latest->model, $taken, 1 === $taken ? '' : 's'),
        );
    }
}
