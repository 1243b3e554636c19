<?php

declare(strict_types=1);

namespace Rigger\Core\Look;

use Rigger\Core\Colour\Recipe;
use Rigger\Core\Colour\SaidColour;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Light\CellLight;
use Rigger\Core\Light\Lighting;
use Rigger\Core\Light\Solve\Intent;
use Rigger\Core\Light\Solve\LightSolver;
use Rigger\Core\Light\Solve\SolvedLight;

/** How a unit should light in a look, whatever stands in its place and whatever its channels are. */
final readonly class UnitIntent
{
    private const MEMBERS = ['level', 'colour', 'recipe', 'flash'];

    /**
     * @param float           $level  0 to 1
     * @param SaidColour|null $colour null: as it comes, as bright as it goes
     * @param float           $flash  flashes a second; 0 for steady
     */
    public function __construct(
        public float $level = 1.0,
        public ?SaidColour $colour = null,
        public Recipe $recipe = Recipe::Brightest,
        public float $flash = 0.0,
    ) {
    }

    /** What a unit shows at some values, as if it had been meant: its brightest cell speaks for it. */
    public static function shown(Lighting $light, LightSolver $solver): self
    {
        $brightest = self::brightest($light);
        if (null === $brightest || $brightest->isDark()) {
            return new self(0.0);
        }
        $colour = null === $brightest->colour ? null : SaidColour::of($brightest->colour);
        $meant = new self(1.0, $colour, Recipe::Brightest, $brightest->flash);
        // Beside the same colour as bright as it goes: so a unit without a dimmer has a level too.
        $most = self::brightest($meant->solved($solver)->light);

        $level = null === $most || $most->isDark() ? 1.0 : min(1.0, $brightest->brightness / $most->brightness);

        return $meant->with($level, null, null, null);
    }

    private static function brightest(Lighting $light): ?CellLight
    {
        $brightest = null;
        foreach ($light->cells as $cell) {
            if (null === $brightest || $cell->brightness > $brightest->brightness) {
                $brightest = $cell;
            }
        }

        return $brightest;
    }

    /**
     * {"level","colour"?,"recipe"?,"flash"?}.
     *
     * @throws InputError
     */
    public static function read(mixed $input, string $path): self
    {
        $in = Members::of($input, self::MEMBERS, $path);

        return new self(
            $in->number('level', 0, 1),
            $in->has('colour') ? SaidColour::read($in->raw('colour'), $in->path('colour')) : null,
            $in->has('recipe') ? Recipe::from($in->choice('recipe', Recipe::words())) : Recipe::Brightest,
            $in->has('flash') ? $in->number('flash', 0) : 0.0,
        );
    }

    /** @return array<string, mixed> what is as usual is left out */
    public function toArray(): array
    {
        return ['level' => $this->level]
            + (null === $this->colour ? [] : ['colour' => $this->colour->toArray()])
            + (Recipe::Brightest === $this->recipe ? [] : ['recipe' => $this->recipe->value])
            + (0.0 === $this->flash ? [] : ['flash' => $this->flash]);
    }

    /** What is said of it; what is not said stays. */
    public function with(?float $level, ?SaidColour $colour, ?Recipe $recipe, ?float $flash): self
    {
        return new self($level ?? $this->level, $colour ?? $this->colour, $recipe ?? $this->recipe, $flash ?? $this->flash);
    }

    public function uncoloured(): self
    {
        return new self($this->level, null, $this->recipe, $this->flash);
    }

    public function steady(): self
    {
        return new self($this->level, $this->colour, $this->recipe);
    }

    public function equals(self $other): bool
    {
        return $this->toArray() === $other->toArray();
    }

    /** As a mode of some unit does it. One that cannot mix by red, green and blue alone mixes as bright as it can. */
    public function solved(LightSolver $solver): SolvedLight
    {
        $intent = fn (Recipe $recipe): Intent => new Intent($this->level, $this->colour?->chromaticity, $recipe, $this->flash);
        try {
            return $solver->solve($intent($this->recipe));
        } catch (InputError) {
            return $solver->solve($intent(Recipe::Brightest));
        }
    }

    /**
     * The values that a unit is sent, of which its light is made new and everything else stays as it was.
     *
     * @param list<int>|null $before one a channel; null where the look has left it alone
     *
     * @return list<int>
     */
    public function values(LightSolver $solver, ?array $before): array
    {
        $values = $this->solved($solver)->values;
        if (null === $before || \count($before) !== \count($values)) {
            return $values;
        }
        foreach (array_keys($values) as $place) {
            if (!$solver->lights($place)) {
                $values[$place] = $before[$place];
            }
        }

        return $values;
    }
}
