<?php

declare(strict_types=1);

namespace Rigger\Core\Look;

use Rigger\Core\Colour\SaidColour;
use Rigger\Core\Light\Solve\LightSolver;
use Rigger\Core\Profile\RangeFunction;

/** Looks that every rig needs, made for whatever hangs there. */
enum MadeLook: string
{
    /** Light to work by. */
    case WorkingLight = 'working-light';
    case Blackout = 'blackout';
    /** One colour everywhere: whoever shows another one stands out. */
    case Colour = 'colour';
    /** Everything at a tenth: who flickers or stays dark down there. */
    case Tenth = 'tenth';
    /** Everything that can starts anew. */
    case Reset = 'reset';

    private const WORKING_LEVEL = 0.6;

    /** @return list<string> */
    public static function words(): array
    {
        return array_map(static fn (self $one): string => $one->value, self::cases());
    }

    /** What each unit is meant to do; null where that is no matter of light. */
    public function intent(?SaidColour $colour): ?UnitIntent
    {
        return match ($this) {
            self::WorkingLight => new UnitIntent(self::WORKING_LEVEL),
            self::Blackout => new UnitIntent(0.0),
            self::Colour => new UnitIntent(1.0, $colour),
            self::Tenth => new UnitIntent(0.1),
            self::Reset => null,
        };
    }

    /**
     * The values of a unit that starts anew: dark, with each channel that can do it where it does.
     *
     * @return list<int>|null null where it cannot
     */
    public static function reset(LightSolver $solver): ?array
    {
        $values = (new UnitIntent(0.0))->values($solver, null);
        $can = false;
        foreach ($solver->mode()->mode->byOffset() as $channel) {
            $range = $channel->first(RangeFunction::Reset);
            if (null !== $range) {
                $values[$channel->offset - 1] = $range->middle();
                $can = true;
            }
        }

        return $can ? array_values($values) : null;
    }
}
