<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Position\BeamCover;

/** `beam.cover` {"beamDegrees","throw","width","overlap"} → {"diameter","count","spacing"}. */
final class BeamCoverTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['beamDegrees', 'throw', 'width', 'overlap']);
        $beam = self::below($in, 'beamDegrees', $in->above('beamDegrees', 0), 180);
        $throw = $in->above('throw', 0);
        $width = $in->number('width', 0);
        $cover = BeamCover::of($beam, $throw, $width, self::below($in, 'overlap', $in->number('overlap', 0), 1));

        return ['diameter' => $cover->diameter, 'count' => $cover->count, 'spacing' => $cover->spacing];
    }

    private static function below(Members $in, string $member, float $number, float $bound): float
    {
        return $number < $bound ? $number : throw InputError::outOfRange($in->path($member), $number, 'below '.json_encode($bound));
    }
}
