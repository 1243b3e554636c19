<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Curve\CurveReader;
use Rigger\Core\Input\Members;

/** `curve` {"level","shape","min":0,"max":255,"bound","points"?} → {"value"}. */
final class CurveTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, CurveReader::members($input, ['level']));
        $level = $in->number('level', 0, 1);

        return ['value' => CurveReader::read($in)->valueAt($level)];
    }
}
