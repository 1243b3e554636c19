<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Look;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Colour\Recipe;
use Rigger\Core\Colour\SaidColour;
use Rigger\Core\Input\InputError;
use Rigger\Core\Light\Solve\LightSolver;
use Rigger\Core\Look\UnitIntent;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Names;

/** Says how units should light in a look, whatever their channels are. What is not said stays as it is; twins go along. */
final readonly class LightUnits implements Change
{
    /**
     * @param list<string>    $units
     * @param float|null      $level  0 to 1
     * @param SaidColour|null $colour {"hex"} | {"x","y"} | {"kelvin","duv"?}
     * @param string|null     $recipe by which way of several the colour is mixed
     * @param float|null      $flash  flashes a second, 0 for steady
     * @param bool            $plain  no colour any more: as it comes
     */
    public function __construct(
        public string $look,
        #[Ids('Say which units to light.')] public array $units,
        #[Within(0, 1, 'A level runs from 0 to 1, and {value} is none.')] public ?float $level = null,
        public ?SaidColour $colour = null,
        #[OneOf(['brightest', 'white-first', 'three'], 'A colour is mixed as bright as it goes, with white first, or by three.')]
        public ?string $recipe = null,
        #[Within(0, 100, 'A unit flashes 0 to 100 times a second, and not {value}.')] public ?float $flash = null,
        public bool $plain = false,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $look = $rig->look($this->look);
        $named = array_map($rig->unit(...), $this->units);
        foreach (self::withTwins($rig, $named) as $unit) {
            $solver = $unit->at->solver() ?? throw InputError::because(
                'chart_errors',
                'units',
                \sprintf('The chart of %s has errors: put those right in Fixtures first.', $unit->name),
            );
            $before = $look->values[$unit->id] ?? null;
            $intent = self::now($look, $unit, $solver)->with(
                $this->level,
                $this->colour,
                null === $this->recipe ? null : Recipe::from($this->recipe),
                $this->flash,
            );
            $intent = $this->plain ? $intent->uncoloured() : $intent;
            $look = $look->meaning($unit->id, $intent, $intent->values($solver, $before));
        }
        $names = Names::few(array_map(static fn (Unit $unit): string => $unit->name, $named));

        return new Applied($rig->withLooks($look), \sprintf('Set %s in %s%s', $names, $look->name, $this->words()));
    }

    /** How a unit lights in the look as it is: as it was meant, or what its faders show. */
    private static function now(Look $look, Unit $unit, LightSolver $solver): UnitIntent
    {
        $values = $look->values[$unit->id] ?? null;
        $mode = $unit->at->compiled();
        if (isset($look->intents[$unit->id]) || null === $values || null === $mode || \count($values) !== $unit->footprint()) {
            return $look->intents[$unit->id] ?? new UnitIntent();
        }

        return UnitIntent::shown($mode->light($values), $solver);
    }

    /**
     * @param list<Unit> $units
     *
     * @return array<string, Unit> those that share a place and a mode move together, whoever is named
     */
    private static function withTwins(Rig $rig, array $units): array
    {
        $keys = array_map(static fn (Unit $unit): string => $unit->twinKey(), $units);

        return array_filter($rig->units, static fn (Unit $unit): bool => \in_array($unit->twinKey(), $keys, true));
    }

    private function words(): string
    {
        $said = array_filter([
            null === $this->level ? '' : \sprintf('%d %%', round(100 * $this->level)),
            $this->plain ? 'no colour' : ($this->colour?->words() ?? ''),
            null === $this->recipe ? '' : str_replace('-', ' ', $this->recipe),
            null === $this->flash ? '' : ($this->flash > 0.0 ? \sprintf('%s flashes a second', json_encode($this->flash)) : 'steady'),
        ], static fn (string $one): bool => '' !== $one);

        return [] === $said ? '' : ' to '.implode(', ', $said);
    }
}
