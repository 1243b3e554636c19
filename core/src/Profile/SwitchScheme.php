<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** The address switches of a unit without a display. */
final readonly class SwitchScheme
{
    /**
     * @param int $count 9 or 10; the tenth belongs to the mode
     * @param int $base  1 or 0: what the unit counts addresses from
     */
    public function __construct(public int $count, public int $base)
    {
    }
}
