<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use Rigger\App\Rig\View\RigView;

/** A chart just begun, and the rig as it is now. */
final readonly class CreatedTypeView
{
    public function __construct(public string $typeId, public RigView $rig)
    {
    }
}
