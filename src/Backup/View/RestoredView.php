<?php

declare(strict_types=1);

namespace Rigger\App\Backup\View;

/** A backup is back; what was there before is set aside. */
final readonly class RestoredView
{
    public function __construct(public string $words)
    {
    }
}
