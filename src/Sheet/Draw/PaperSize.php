<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Draw;

/** Paper sizes of ISO 216, and Letter (ANSI A), in millimetres. */
enum PaperSize: string
{
    case A4 = 'a4';
    case A5 = 'a5';
    case Letter = 'letter';

    public function width(): float
    {
        return match ($this) {
            self::A4 => 210.0,
            self::A5 => 148.0,
            self::Letter => 215.9,
        };
    }

    public function height(): float
    {
        return match ($this) {
            self::A4 => 297.0,
            self::A5 => 210.0,
            self::Letter => 279.4,
        };
    }
}
