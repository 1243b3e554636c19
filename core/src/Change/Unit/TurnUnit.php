<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\RangeFunction;
use Rigger\Core\Rig\Reversal;
use Rigger\Core\Rig\Rig;

/** Where one of its directions is turned round: in the unit or in software, never both. */
final readonly class TurnUnit implements Change
{
    /**
     * @param string $direction pan or tilt
     * @param string $reversed  unit, software, or blank for nowhere
     */
    public function __construct(
        public string $unit,
        #[OneOf(['pan', 'tilt'], 'Say pan or tilt.')] public string $direction,
        public string $reversed,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        $isPan = 'pan' === $this->direction;
        $reversal = '' === $this->reversed
            ? null
            : Reversal::tryFrom($this->reversed) ?? throw InputError::because(
                'not_a_choice',
                'reversed',
                'A direction is turned round in the unit or in software.',
            );
        if (null !== $reversal && !$unit->mode()->has($isPan ? RangeFunction::Pan : RangeFunction::Tilt)) {
            throw InputError::because(
                'not_a_choice',
                'reversed',
                \sprintf('%s has no %s in mode %s.', $unit->name, $this->direction, $unit->mode()->name),
            );
        }

        return new Applied($rig->withUnits($unit->turned(
            $isPan ? $reversal : $unit->pan,
            $isPan ? $unit->tilt : $reversal,
        )), match ($reversal) {
            null => \sprintf('%s goes the usual way in %s', $unit->name, $this->direction),
            Reversal::InUnit => \sprintf('%s is reversed in %s, in the unit', $unit->name, $this->direction),
            Reversal::InSoftware => \sprintf('%s is reversed in %s, in software', $unit->name, $this->direction),
        });
    }
}
