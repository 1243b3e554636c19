<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Profile\ChartFinding;
use Rigger\Core\Profile\ProfileCheck;
use Rigger\Core\Profile\ProfileReader;

/** `profile.check` {"profile"} → {"findings"}. */
final class ProfileCheckTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $profile = ProfileReader::read(Members::of($input, ['profile'])->raw('profile'), 'profile');

        return ['findings' => array_map(static fn (ChartFinding $finding): array => $finding->toArray(), ProfileCheck::of($profile))];
    }
}
