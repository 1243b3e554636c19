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
    /** Which sender is set to what, and who listens to it. */
    case Links = 'links';
    /** How each receiver is paired. */
    case Pairing = 'pairing';
    /** What hangs on each circuit, packs by socket, batteries. */
    case Power = 'power';
    /** Which terminal of a tape goes where. */
    case Wiring = 'wiring';

    public function words(): string
    {
        return match ($this) {
            self::Load => 'cable list',
            self::Runs => 'data runs',
            self::Pins => 'pin tables',
            self::Links => 'link cards',
            self::Pairing => 'pairing cards',
            self::Power => 'power list',
            self::Wiring => 'wiring cards',
        };
    }
}
