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
use Rigger\Core\Colour\Uv;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Names;

/** Says how units should light in a look, whatever their channels are. What is not said stays as it is; twins go along. */
final readonly class LightUnits implements Change
{
    /**
     * @param list<string>    $units    in the order over which level and colour are spread
     * @param float|null      $level    0 to 1
     * @param SaidColour|null $colour   {"hex"} | {"x","y"} | {"kelvin","duv"?}
     * @param string|null     $recipe   by which way of several the colour is mixed
     * @param float|null      $flash    flashes a second, 0 for steady
     * @param bool            $plain    no colour any more: as it comes
     * @param float|null      $levelTo  the last unit's level; those between go evenly from the first one's
     * @param SaidColour|null $colourTo the last unit's colour; those between go evenly through (u′, v′)
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
        #[Within(0, 1, 'A level runs from 0 to 1, and {value} is none.')] public ?float $levelTo = null,
        public ?SaidColour $colourTo = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $look = $rig->look($this->look);
        $named = array_map($rig->unit(...), $this->units);
        foreach (['level' => [$this->level, $this->levelTo], 'colour' => [$this->colour, $this->colourTo]] as $member => [$from, $to]) {
            if (null !== $to && null === $from) {
                throw InputError::missing($member);
            }
        }
        foreach ($named as $nth => $unit) {
            $share = \count($named) > 1 ? $nth / (\count($named) - 1) : 0.0;
            foreach ($rig->together($unit)->units as $twin) {
                $look = $this->lit($look, $twin, $share);
            }
        }
        $names = Names::few(array_map(static fn (Unit $unit): string => $unit->name, $named));

        return new Applied($rig->withLooks($look), \sprintf('Set %s in %s%s', $names, $look->name, $this->words()));
    }

    /** @param float $share of the way over the units that are named, 0 for the first */
    private function lit(Look $look, Unit $unit, float $share): Look
    {
        $solver = $unit->at->solver() ?? throw InputError::because(
            'chart_errors',
            'units',
            \sprintf('The chart of %s has errors: put those right in Fixtures first.', $unit->name),
        );
        $level = null === $this->level || null === $this->levelTo ? $this->level : $this->level + $share * ($this->levelTo - $this->level);
        $intent = Meant::now($look, $unit)->with(
            $level,
            $this->colourAt($share),
            null === $this->recipe ? null : Recipe::from($this->recipe),
            $this->flash,
        );
        $intent = $this->plain ? $intent->uncoloured() : $intent;

        return $look->meaning($unit->id, $intent, $intent->values($solver, $look->values[$unit->id] ?? null));
    }

    private function colourAt(float $share): ?SaidColour
    {
        if (null === $this->colour || null === $this->colourTo || $share <= 0.0) {
            return $this->colour;
        }

        return $share >= 1.0
            ? $this->colourTo
            : SaidColour::of(Uv::of($this->colour->chromaticity)->towards(Uv::of($this->colourTo->chromaticity), $share)->held());
    }

    private function words(): string
    {
        $said = array_filter([
            self::span(self::percent($this->level), self::percent($this->levelTo)),
            $this->plain ? 'no colour' : self::span($this->colour?->words() ?? '', $this->colourTo?->words() ?? ''),
            null === $this->recipe ? '' : str_replace('-', ' ', $this->recipe),
            null === $this->flash ? '' : ($this->flash > 0.0 ? \sprintf('%s flashes a second', json_encode($this->flash)) : 'steady'),
        ], static fn (string $one): bool => '' !== $one);

        return [] === $said ? '' : ' to '.implode(', ', $said);
    }

    private static function percent(?float $level): string
    {
        return null === $level ? '' : \sprintf('%d %%', round(100 * $level));
    }

    private static function span(string $from, string $to): string
    {
        return '' === $to ? $from : $from.' … '.$to;
    }
}
