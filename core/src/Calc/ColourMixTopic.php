<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Colour\Mix;
use Rigger\Core\Colour\Source;
use Rigger\Core\Colour\Srgb;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;

/** `colour.mix` {"emitters":[{"key","x","y","flux"}],"levels":{key:level}} → {"x","y","luminance","hex"}. */
final class ColourMixTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['emitters', 'levels']);
        $sources = ColourInput::sources($in, 'emitters');
        $places = array_flip(array_map(static fn (Source $one): string => $one->key, $sources));
        $levels = array_fill(0, \count($sources), 0.0);
        $named = $in->named('levels');
        foreach (array_keys($named) as $key) {
            if (!isset($places[$key])) {
                throw InputError::unknownMember($in->path('levels').'.'.$key, (string) $key, array_map(strval(...), array_keys($places)));
            }
        }
        foreach ($named as $key => $level) {
            $levels[$places[$key]] = Scalars::number($level, $in->path('levels').'.'.$key, 0, 1);
        }
        $mix = Mix::of($sources, array_values($levels));

        return [
            'x' => $mix->colour?->x,
            'y' => $mix->colour?->y,
            'luminance' => $mix->luminance,
            'hex' => null === $mix->colour ? null : Srgb::hex($mix->colour),
        ];
    }
}
