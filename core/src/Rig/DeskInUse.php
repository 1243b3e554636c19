<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Desk\Desk;

/** The description of a desk that a rig is played on. */
final readonly class DeskInUse
{
    /** @param bool $isOnShelf false where the library's description of that name is another one by now */
    public function __construct(public string $id, public Desk $desk, public bool $isOnShelf = true)
    {
    }
}
