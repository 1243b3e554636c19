<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** Another desk, or none. */
final readonly class DeskChangeView
{
    public function __construct(public ?DeskView $desk)
    {
    }
}
