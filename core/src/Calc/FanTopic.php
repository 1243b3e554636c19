<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Position\Fan;

/** `fan` {"count","centre","width","shape":"line"|"arch"|"alternate"} → {"values":[…]}. */
final class FanTopic implements Topic
{
    private const MOST = 512;

    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['count', 'centre', 'width', 'shape']);
        /** @var positive-int $count */
        $count = $in->whole('count', 1, self::MOST);
        $centre = $in->number('centre');
        $width = $in->number('width');

        return ['values' => Fan::from($in->choice('shape', Fan::words()))->values($count, $centre, $width)];
    }
}
