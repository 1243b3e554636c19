<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\RangeFunction;

/** What an operator wants to be able to do with a unit at the desk, in their words, and which functions that takes. */
enum Want: string
{
    case Dimmer = 'dimmer';
    case Colour = 'colour';
    case Flash = 'flash';
    case Movement = 'movement';
    case Patterns = 'patterns';
    case Cells = 'cells';
    case NoPrograms = 'no-programs';

    public function words(): string
    {
        return match ($this) {
            self::Dimmer => 'dimmer',
            self::Colour => 'colour',
            self::Flash => 'flash',
            self::Movement => 'movement',
            self::Patterns => 'patterns',
            self::Cells => 'each cell',
            self::NoPrograms => 'no programs',
        };
    }

    /**
     * The functions that a mode of this fixture must have. Where several would do (colour by emitters or by a wheel), the first
     * that any of its modes has.
     *
     * @return non-empty-list<string>
     */
    public function functions(FixtureProfile $profile): array
    {
        $ways = match ($this) {
            self::Dimmer => [RangeFunction::Intensity],
            self::Colour => [RangeFunction::Emitter, RangeFunction::Wheel, RangeFunction::ColourPreset],
            self::Flash => [RangeFunction::Strobe, RangeFunction::Pulse, RangeFunction::RandomStrobe],
            self::Movement => [RangeFunction::Pan, RangeFunction::Tilt],
            self::Patterns => [RangeFunction::Gobo],
            self::Cells, self::NoPrograms => [],
        };
        if ([] === $ways) {
            return [$this->value];
        }
        if (self::Movement === $this) {
            return array_column($ways, 'value');
        }
        foreach ($ways as $way) {
            foreach ($profile->modes as $mode) {
                if ($mode->has($way)) {
                    return [$way->value];
                }
            }
        }

        return [$ways[0]->value];
    }

    /** Whether any mode of the fixture could meet it. */
    public function isPossible(FixtureProfile $profile): bool
    {
        foreach ($profile->modes as $mode) {
            if ($this->isMetBy($profile, $mode)) {
                return true;
            }
        }

        return false;
    }

    public function isMetBy(FixtureProfile $profile, Mode $mode): bool
    {
        return [] === array_diff($this->functions($profile), self::functionsOf($mode));
    }

    /** @return list<string> what the mode's channels can do, and beside that "cells" and "no-programs" where they hold */
    public static function functionsOf(Mode $mode): array
    {
        $functions = array_values(array_filter(
            RangeFunction::words(),
            static fn (string $word): bool => $mode->has(RangeFunction::from($word)),
        ));
        if (\count($mode->cells()) > 1) {
            $functions[] = self::Cells->value;
        }
        if (!$mode->has(RangeFunction::Program, RangeFunction::Sound)) {
            $functions[] = self::NoPrograms->value;
        }

        return $functions;
    }
}
