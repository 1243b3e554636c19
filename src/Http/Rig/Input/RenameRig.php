<?php

declare(strict_types=1);

namespace Rigger\App\Http\Rig\Input;

final readonly class RenameRig
{
    public function __construct(public int $version, public string $name)
    {
    }
}
