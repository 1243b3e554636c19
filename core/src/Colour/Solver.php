<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

use Rigger\Core\Input\InputError;

/**
 * Mixes a colour from sources: the nearest that they can give, by a recipe.
 *
 * Of all levels that give a chromaticity those of the greatest luminance are a linear programme: light mixes in (u′, v′) as weights
 * do, a source's weight being its luminance over its v′.
 */
final readonly class Solver
{
    /** @var list<int> places of those that can be lit */
    private array $lit;
    private ?Gamut $gamut;

    /** @param list<Source> $sources with different keys */
    public function __construct(private array $sources, private Recipe $recipe)
    {
        $lit = [];
        foreach ($sources as $index => $source) {
            if ($source->flux > 0.0 && (Recipe::Three !== $recipe || \in_array($source->key, Recipe::THREE, true))) {
                $lit[] = $index;
            }
        }
        $this->lit = $lit;
        $points = array_map(static fn (int $index): Uv => $sources[$index]->uv, $lit);
        $this->gamut = [] === $points ? null : Gamut::of($points);
    }

    /**
     * @param string $before path before the fields of errors: "" or "intent."
     *
     * @throws InputError recipe_needs_rgb (field "recipe"), no_emitters (field "emitters")
     */
    public function solve(Chromaticity $target, string $before = ''): Solved
    {
        if (Recipe::Three === $this->recipe) {
            $keys = array_map(static fn (Source $source): string => $source->key, $this->sources);
            $missing = array_values(array_diff(Recipe::THREE, $keys));
            if ([] !== $missing) {
                throw InputError::because(
                    'recipe_needs_rgb',
                    $before.'recipe',
                    \sprintf('This recipe mixes red, green and blue alone, and there is no %s.', implode(' and no ', $missing)),
                );
            }
        }
        if (null === $this->gamut) {
            throw InputError::because('no_emitters', $before.'emitters', 'There is no emitter with any light, so nothing can be mixed.');
        }
        $uv = Uv::of($target);
        $reached = $this->gamut->nearest($uv);
        $levels = $this->levels($reached);

        return new Solved($levels, Mix::of($this->sources, $levels), $uv->distance($reached->uv));
    }

    /** @return list<float> */
    private function levels(Reached $reached): array
    {
        $most = 0.0;
        foreach ($this->lit as $index) {
            $most = max($most, $this->sources[$index]->flux);
        }
        $used = $columns = $aims = [];
        foreach ($this->lit as $index) {
            $source = $this->sources[$index];
            $offsets = $reached->offsets($source->uv);
            if (null === $offsets) {
                continue;
            }
            $flux = $source->flux / $most;
            $used[] = $index;
            $columns[] = array_map(static fn (float $offset): float => $offset * $flux / $source->uv->v, $offsets);
            $aims[] = Recipe::WhiteFirst === $this->recipe ? [$source->isWhite() ? $flux : 0.0, $flux, -1.0] : [$flux, -1.0];
        }
        /** @var int<0, 2> $rows */
        $rows = \count($reached->directions);
        $levels = array_fill(0, \count($this->sources), 0.0);
        foreach (Programme::solve($columns, $aims, $rows) as $place => $level) {
            $levels[$used[$place]] = $level;
        }

        return array_values($levels);
    }
}
