<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/**
 * The faders of desks, worked out once each: a description never changes, and everything that looks at a rig asks for them.
 *
 * @internal
 */
final class KnownFaders
{
    /** @var \WeakMap<Desk, list<Fader>>|null */
    private static ?\WeakMap $known = null;

    /**
     * @param \Closure(): list<Fader> $all
     *
     * @return list<Fader>
     */
    public static function of(Desk $desk, \Closure $all): array
    {
        /** @var \WeakMap<Desk, list<Fader>> $known */
        $known = self::$known ??= new \WeakMap();

        return $known[$desk] ??= $all();
    }
}
