<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Position\PanTilt;

/** `beam.hit` {"unit","pan","tilt","plane":z} → {"direction","hit":{"x","y","z"}|null,"distance":m|null}. */
final class BeamHitTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['unit', 'pan', 'tilt', 'plane']);
        $head = HeadInput::head($in, 'unit');
        $to = new PanTilt($in->number('pan'), $in->number('tilt'));
        $distance = $head->meets($to, $in->number('plane'));
        $direction = $head->direction($to);

        return [
            'direction' => HeadInput::shape($direction),
            'hit' => null === $distance ? null : HeadInput::shape($head->at->along($direction, $distance)),
            'distance' => $distance,
        ];
    }
}
