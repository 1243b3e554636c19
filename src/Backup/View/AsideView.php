<?php

declare(strict_types=1);

namespace Rigger\App\Backup\View;

/** What stood here before a backup was brought back. */
final readonly class AsideView
{
    /** @param string $at ISO 8601, when it was set aside */
    public function __construct(public string $name, public string $at, public int $bytes)
    {
    }
}
