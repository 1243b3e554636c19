<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A unit that a plan finds no room for. */
final readonly class UnplacedView
{
    public function __construct(public string $unitId, public string $name, public string $why)
    {
    }
}
