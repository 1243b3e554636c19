<?php

declare(strict_types=1);

namespace Rigger\Core\Patch;

enum RelationKind: string
{
    /** Same address, same mode. */
    case Twins = 'twins';
    /** Same address, another mode. */
    case Mixed = 'mixed';
    /** Any other sharing. */
    case Clash = 'clash';
    /** Past slot 512. */
    case Overrun = 'overrun';

    public static function between(Placed $a, Placed $b): self
    {
        return match (true) {
            $a->span->first !== $b->span->first => self::Clash,
            $a->mode === $b->mode => self::Twins,
            default => self::Mixed,
        };
    }
}
