<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\Shape\Wholes;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Rig\Rig;

/**
 * Colours that come in the wrong order: not the wires are changed but what each output listens to. The steps of the pairing card follow.
 */
final readonly class CorrectOutputs implements Change
{
    /** @param list<int> $seen channel that answered, for each of the unit's channels raised alone */
    public function __construct(public string $unit, #[Wholes(1, Kit::MOST_OUTPUTS)] public array $seen)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        $link = null === $unit->linkId ? null : $rig->links[$unit->linkId] ?? null;
        if (null === $link) {
            throw Refused::because('no_link', \sprintf('%s hangs on a cable: it has no outputs to be given.', $unit->name));
        }
        if (null === $link->kit->kit->assign) {
            throw Refused::because('no_assignment', \sprintf(
                'Outputs of %s follow one another from one address: swap the wires at the lamp, or give %s a chart in that order.',
                $link->kit->kit->name,
                $unit->name,
            ));
        }
        $count = $unit->footprint();
        if ($count > $link->kit->kit->outputs) {
            throw Refused::because('no_assignment', \sprintf(
                '%s has %d channels, and a receiver of %s %d outputs: it takes its address as a whole.',
                $unit->name,
                $count,
                $link->kit->kit->name,
                $link->kit->kit->outputs,
            ));
        }
        $sorted = $this->seen;
        sort($sorted);
        if ($sorted !== range(1, $count)) {
            throw InputError::because('out_of_range', 'seen', \sprintf(
                'Each of the %d channels of %s answers once: two faders cannot move the same colour.',
                $count,
                $unit->name,
            ));
        }
        $outputs = $unit->outputs();
        $labels = $unit->labels();
        $right = $moved = [];
        foreach ($this->seen as $nth => $channel) {
            $right[$channel - 1] = $outputs[$nth];
            if ($channel !== $nth + 1) {
                $moved[] = \sprintf('output %d drives %s', $outputs[$nth], $labels[$channel - 1]);
            }
        }
        ksort($right);
        if ([] === $moved) {
            return new Applied($rig, \sprintf('Left the outputs of %s as they are', $unit->name));
        }

        return new Applied($rig->withUnits($unit->onOutputs(array_values($right))), \sprintf(
            'Put the colours of %s right: %s',
            $unit->name,
            implode(', ', $moved),
        ));
    }
}
