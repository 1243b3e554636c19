<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Line\Radio\Kit;

/** A radio kit of the library, as a rig uses it. */
final readonly class KitInUse
{
    public function __construct(public string $id, public Kit $kit)
    {
    }
}
