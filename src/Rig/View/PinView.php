<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

final readonly class PinView
{
    public function __construct(public string $contact, public string $signal)
    {
    }
}
