<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Colour\Recipe;
use Rigger\Core\Finding\IntentWords;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Light\Solve\Intent;
use Rigger\Core\Light\Solve\IntentNote;
use Rigger\Core\Light\Solve\LightSolver;
use Rigger\Core\Profile\ProfileReader;

/** `light.solve` {"profile","mode","intent","cells"?:{k:intent}} → {"values","achieved","deltaUv","notes":[{"code","message"}]}. */
final class LightSolveTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['profile', 'mode', 'intent', 'cells']);
        $profile = ProfileReader::read($in->raw('profile'), 'profile');
        $modeKey = $in->text('mode');
        $intent = self::intent($in->raw('intent'), $in->path('intent'));
        $read = [];
        foreach ($in->has('cells') ? $in->named('cells') : [] as $cell => $one) {
            $read[] = [(string) $cell, self::intent($one, $in->path('cells').'.'.$cell)];
        }
        $solver = new LightSolver($profile, $modeKey);
        $cells = [];
        foreach ($read as [$cell, $one]) {
            $cells[self::cell($cell)] = $one;
        }
        $solved = $solver->solve($intent, $cells);

        return [
            'values' => $solved->values,
            'achieved' => LightShape::of($solver->mode(), $solved->values, $solved->light),
            'deltaUv' => $solved->deltaUv,
            'notes' => array_map(static fn (IntentNote $note): array => [
                'code' => $note->value,
                'message' => IntentWords::sentence($note),
            ], $solved->notes),
        ];
    }

    /** {"intensity","colour","recipe"?,"flash"?,"pan"?,"tilt"?} */
    private static function intent(mixed $item, string $path): Intent
    {
        $in = Members::of($item, ['intensity', 'colour', 'recipe', 'flash', 'pan', 'tilt'], $path);

        return new Intent(
            $in->number('intensity', 0, 1),
            null === $in->raw('colour') ? null : ColourInput::target($in->raw('colour'), $in->path('colour')),
            $in->has('recipe') ? Recipe::from($in->choice('recipe', Recipe::words())) : Recipe::Brightest,
            $in->has('flash') ? $in->number('flash', 0) : 0.0,
            $in->has('pan') ? $in->number('pan') : null,
            $in->has('tilt') ? $in->number('tilt') : null,
        );
    }

    private static function cell(string $name): int
    {
        return 1 === preg_match('/^[1-9]\d{0,5}$/D', $name) ? (int) $name : throw InputError::because(
            'unknown_cell',
            'cells.'.$name,
            \sprintf('There is no cell %s in this mode.', InputError::quote($name)),
        );
    }
}
