<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Time\FlashGuard;

/** `flash.check` {"hz","area"?} → {"verdict":"steady"|"caution"|"stop","message"}. */
final class FlashCheckTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['hz', 'area']);
        $hz = $in->number('hz', 0);
        $area = $in->has('area') ? $in->number('area', 0, 1) : null;
        $guard = FlashGuard::of($hz);

        return ['verdict' => $guard->value, 'message' => $guard->words($hz, $area)];
    }
}
