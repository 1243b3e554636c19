<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Position\PanTilt;

/** `aim` {"unit","travel","target","from"?} → {"solutions":[{"pan","tilt"}…],"distance"}. */
final class AimTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['unit', 'travel', 'target', 'from']);
        $head = HeadInput::head($in, 'unit');
        $travel = HeadInput::travel($in, 'travel');
        $target = HeadInput::point($in, 'target');
        $from = $in->has('from') ? self::from($in) : new PanTilt(0, 0);
        try {
            $solutions = $head->aim($target, $travel, $from);
        } catch (\DomainException $error) {
            throw InputError::because('same_place', $in->path('target'), 'The target is where the unit is: it cannot point at itself.');
        }

        return [
            'solutions' => array_map(static fn (PanTilt $one): array => ['pan' => $one->pan, 'tilt' => $one->tilt], $solutions),
            'distance' => $target->minus($head->at)->length(),
        ];
    }

    private static function from(Members $in): PanTilt
    {
        $from = Members::of($in->raw('from'), ['pan', 'tilt'], $in->path('from'));

        return new PanTilt($from->has('pan') ? $from->number('pan') : 0, $from->has('tilt') ? $from->number('tilt') : 0);
    }
}
