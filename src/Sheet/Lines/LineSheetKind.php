<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Lines;

/** What of the lines is put on paper. */
enum LineSheetKind: string
{
    /** What to load: cables, adapters, terminators. */
    case Load = 'load';
    /** Each run in the order of its cable. */
    case Runs = 'runs';
    /** Which contact carries what. */
    case Pins = 'pins';

    public function words(): string
    {
        return match ($this) {
            self::Load => 'cable list',
            self::Runs => 'data runs',
            self::Pins => 'pin tables',
        };
    }
}
