<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Colour\Recipe;
use Rigger\Core\Colour\Solver;
use Rigger\Core\Colour\Source;
use Rigger\Core\Input\Members;

/** `colour.solve` {"emitters","target","recipe"} → {"levels":{key:level},"x","y","luminance","deltaUv","inGamut"}. */
final class ColourSolveTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['emitters', 'target', 'recipe']);
        $sources = ColourInput::sources($in, 'emitters');
        $target = ColourInput::target($in->raw('target'), $in->path('target'));
        $recipe = Recipe::from($in->choice('recipe', Recipe::words()));
        $solved = (new Solver($sources, $recipe))->solve($target);

        return [
            'levels' => (object) array_combine(array_map(static fn (Source $one): string => $one->key, $sources), $solved->levels),
            'x' => $solved->mix->colour?->x,
            'y' => $solved->mix->colour?->y,
            'luminance' => $solved->mix->luminance,
            'deltaUv' => $solved->deltaUv,
            'inGamut' => $solved->isInGamut(),
        ];
    }
}
