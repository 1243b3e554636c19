<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Profile\ProfileReader;

/** `light.evaluate` {"profile","mode","values":[v1…vn]} → {"cells","pan","tilt","active","selfRunning"}. */
final class LightEvaluateTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['profile', 'mode', 'values']);
        $profile = ProfileReader::read($in->raw('profile'), 'profile');
        $modeKey = $in->text('mode');
        $values = $in->each('values', static fn (mixed $one, string $path): int => Scalars::whole($one, $path, 0, 255));
        $mode = CompiledMode::of($profile, $modeKey);

        return LightShape::of($mode, $values, $mode->light($values));
    }
}
