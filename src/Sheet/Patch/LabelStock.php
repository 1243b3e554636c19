<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Patch;

use Rigger\App\Sheet\Draw\PaperSize;

/** What labels are printed on. Measures are millimetres. */
enum LabelStock: string
{
    /** Strips to cut, as high as the usual roll of tape. */
    case Strips = 'strips';
    /** Adhesive sheets of 24, 70 by 37, on A4. */
    case Sheet24 = 'sheet24';
    /** Adhesive sheets of 30, 2 5/8 by 1 inch, on Letter. */
    case Sheet30 = 'sheet30';

    public function paper(PaperSize $wanted): PaperSize
    {
        return match ($this) {
            self::Strips => $wanted,
            self::Sheet24 => PaperSize::A4,
            self::Sheet30 => PaperSize::Letter,
        };
    }

    public function width(): float
    {
        return match ($this) {
            self::Strips => 90.0,
            self::Sheet24 => 70.0,
            self::Sheet30 => 66.675,
        };
    }

    public function height(): float
    {
        return match ($this) {
            self::Strips => 24.0,
            self::Sheet24 => 37.0,
            self::Sheet30 => 25.4,
        };
    }

    /** @return positive-int */
    public function columns(): int
    {
        return self::Strips === $this ? 2 : 3;
    }

    /** @return positive-int */
    public function rows(): int
    {
        return match ($this) {
            self::Strips => 10,
            self::Sheet24 => 8,
            self::Sheet30 => 10,
        };
    }

    /** Between the left edges of two columns. */
    public function pitch(): float
    {
        return self::Sheet30 === $this ? 69.85 : $this->width();
    }

    /** From the left edge of the paper to the first label. */
    public function left(PaperSize $paper): float
    {
        return self::Sheet30 === $this ? 4.7625 : ($paper->width() - $this->columns() * $this->width()) / 2;
    }

    public function top(PaperSize $paper): float
    {
        return match ($this) {
            self::Strips => 14.0,
            self::Sheet24 => 0.5,
            self::Sheet30 => 12.7,
        };
    }
}
