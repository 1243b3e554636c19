<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk\Input;

final readonly class RepairAtDesk
{
    /** @param string $repair move, mode, buttons, one or twin */
    public function __construct(public int $version, public string $fixtureId, public string $repair)
    {
    }
}
