<?php

declare(strict_types=1);

namespace Rigger\App\Sheet;

/** Paper sizes of ISO 216, in millimetres. */
enum PaperSize: string
{
    case A4 = 'a4';
    case A5 = 'a5';

    public function width(): float
    {
        return self::A4 === $this ? 210.0 : 148.0;
    }

    public function height(): float
    {
        return self::A4 === $this ? 297.0 : 210.0;
    }
}
