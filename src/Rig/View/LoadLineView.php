<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

final readonly class LoadLineView
{
    /** @param int $spare to bring on top: one of every ten begun */
    public function __construct(public string $what, public int $count, public int $spare)
    {
    }
}
