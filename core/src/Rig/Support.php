<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Position\Support as Held;

/** A beam or stand of the rig's stage plan. */
final readonly class Support
{
    public function __construct(public string $id, public Held $held)
    {
    }
}
