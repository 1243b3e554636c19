<?php

declare(strict_types=1);

namespace Rigger\App\Http\Rig\Input;

/** A write that says nothing but which version of the rig it was based on. */
final readonly class AtVersion
{
    public function __construct(public int $version)
    {
    }
}
