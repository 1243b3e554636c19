<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

/** How often somebody has to go up. */
final class LadderTrips
{
    /** "one ladder trip", "3 ladder trips". */
    public static function say(int $count): string
    {
        return 1 === $count ? 'one ladder trip' : $count.' ladder trips';
    }
}
