<?php

declare(strict_types=1);

namespace Rigger\App\Backup\View;

/** The room on the disk that holds the data, in bytes. */
final readonly class DiskView
{
    /** @param string|null $warning what to do about it, in words; null while there is room */
    public function __construct(public int $free, public int $total, public ?string $warning)
    {
    }
}
