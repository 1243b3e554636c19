<?php

declare(strict_types=1);

namespace Rigger\App\Http\Lines\Input;

/** One change of a sender: the member that is given says which. */
final readonly class ChangeLink
{
    public function __construct(public int $version, public ?string $label = null, public ?string $name = null)
    {
    }
}
