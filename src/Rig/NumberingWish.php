<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

/** How an operator wants the rig numbered. */
final readonly class NumberingWish
{
    /**
     * @param bool         $isFewest  units stay where they are unless they must move
     * @param string       $spacing   packed, round, stride or buttons (where the desk's begin)
     * @param int          $step      of round and stride
     * @param int          $first     of stride
     * @param list<string> $lockedIds units that stay whatever happens
     */
    public function __construct(public bool $isFewest, public string $spacing, public int $step, public int $first, public int $universes, public array $lockedIds)
    {
    }
}
