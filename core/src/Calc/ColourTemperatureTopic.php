<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Colour\Temperature;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Number\Rounding;

/** `colour.temperature` {"x","y"} → {"kelvin","duv"}. */
final class ColourTemperatureTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['x', 'y']);
        $temperature = Temperature::of(ColourInput::target($input, ''));
        if (!$temperature->isWhite()) {
            throw self::notWhite($in->path('x'), $temperature);
        }

        return ['kelvin' => Rounding::nearest($temperature->kelvin), 'duv' => $temperature->duv];
    }

    public static function notWhite(string $field, Temperature $temperature): InputError
    {
        return InputError::because('not_white', $field, \sprintf(
            'This colour is no white: it lies %.3f from the nearest one, %d K, and %.2f is the most.',
            abs($temperature->duv),
            Rounding::nearest($temperature->kelvin),
            Temperature::FARTHEST,
        ));
    }
}
