<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** One thing to look at on a desk. */
final readonly class PreflightItem
{
    /**
     * @param string $key names it among a desk's items: master, cross, blackout, wide, buttons, page, bank, program, chase, fade or
     *                    radio
     */
    public function __construct(public string $key, public string $title, public string $why)
    {
    }
}
