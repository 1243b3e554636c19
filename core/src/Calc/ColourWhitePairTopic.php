<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Colour\Planckian;
use Rigger\Core\Colour\Temperature;
use Rigger\Core\Colour\WhitePair;
use Rigger\Core\Input\Members;
use Rigger\Core\Number\Rounding;

/** `colour.white-pair` {"warm":{"x","y","flux"},"cool":{…},"kelvin"} → {"warm","cool","kelvin","duv","luminance"}. */
final class ColourWhitePairTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['warm', 'cool', 'kelvin']);
        $warm = ColourInput::white($in, 'warm');
        $cool = ColourInput::white($in, 'cool');
        $kelvin = $in->number('kelvin', Planckian::COLDEST, Planckian::HOTTEST);
        foreach ([$warm, $cool] as $white) {
            $temperature = Temperature::of($white->chromaticity);
            if (!$temperature->isWhite()) {
                throw ColourTemperatureTopic::notWhite($in->path($white->key), $temperature);
            }
        }
        $pair = WhitePair::at($warm, $cool, $kelvin);

        return [
            'warm' => $pair->warm,
            'cool' => $pair->cool,
            'kelvin' => Rounding::nearest($pair->reached->kelvin),
            'duv' => $pair->reached->duv,
            'luminance' => $pair->mix->luminance,
        ];
    }
}
