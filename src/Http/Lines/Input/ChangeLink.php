<?php

declare(strict_types=1);

namespace Rigger\App\Http\Lines\Input;

/** Changes of a sender: every member that is given is one, and all are made or none. */
final readonly class ChangeLink
{
    public function __construct(public int $version, public ?string $label = null, public ?string $name = null)
    {
    }
}
