<?php

declare(strict_types=1);

namespace Rigger\Core\Power;

enum Chemistry: string
{
    case Lead = 'lead';
    case Lithium = 'lithium';

    /** Peukert's exponent: how much a battery loses when it is emptied faster than it was measured. */
    public function exponent(): float
    {
        return match ($this) {
            self::Lead => 1.2,
            self::Lithium => 1.05,
        };
    }
}
