<?php

declare(strict_types=1);

namespace Rigger\App\Http\Rig\Input;

final readonly class CreateRig
{
    public function __construct(public string $name, public string $venue)
    {
    }
}
