<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\TapeColour;

/** The roll that its tape comes from. */
final readonly class TapeUnit implements Change
{
    /** @param string $tape cream, white, grey, sand, pink, sage or sky */
    public function __construct(public string $unit, public string $tape)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        $tape = TapeColour::tryFrom($this->tape) ?? throw InputError::because(
            'not_a_choice',
            'tape',
            \sprintf('There is tape in %s.', implode(', ', array_column(TapeColour::cases(), 'value'))),
        );

        return new Applied($rig->withUnits($unit->taped($tape)), \sprintf('%s has %s tape', $unit->name, $tape->value));
    }
}
