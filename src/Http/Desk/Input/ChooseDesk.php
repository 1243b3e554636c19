<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk\Input;

final readonly class ChooseDesk
{
    /** @param string|null $deskId null for none */
    public function __construct(public int $version, public ?string $deskId)
    {
    }
}
