<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

/** What a unit does as it is set on its menu: a setting of its own, apart from address and mode. */
enum RunState: string
{
    /** It listens to a desk. */
    case Desk = 'desk';
    /** It runs by itself and tells others what to do. */
    case Leader = 'leader';
    /** It does what its leader says. */
    case Follower = 'follower';
    /** It runs by itself. */
    case Alone = 'alone';

    public function words(): string
    {
        return match ($this) {
            self::Desk => 'listens to the desk',
            self::Leader => 'leads',
            self::Follower => 'follows its leader',
            self::Alone => 'runs by itself',
        };
    }
}
