<?php

declare(strict_types=1);

namespace Rigger\App\Backup;

use Rigger\App\Backup\View\DiskView;
use Rigger\App\DataFolder;

/** How much room the data have left; told before it is too little. */
final readonly class Disk
{
    /** Below this a day's work, its backup and the database's own log may not fit any more. */
    private const LOW_BYTES = 500 * 1024 * 1024;
    private const MEGABYTE = 1024 * 1024;

    public function __construct(private DataFolder $folder)
    {
    }

    public function look(): DiskView
    {
        $path = is_dir($this->folder->path) ? $this->folder->path : \dirname($this->folder->path);
        $free = (int) @disk_free_space($path);
        $total = (int) @disk_total_space($path);
        // A small disk of its own is full at another figure than a laptop's.
        $low = min(self::LOW_BYTES, intdiv($total, 10));

        return new DiskView(
            $free,
            $total,
            $total > 0 && $free < $low
                ? \sprintf(
                    'The disk is nearly full: %d MB are left where the rigs are kept. Make room before the next show.',
                    intdiv($free, self::MEGABYTE),
                )
                : null,
        );
    }
}
