<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** What makes a unit keep a setting. Some forget it unless the key is held; others take it after a wait. */
enum SaveAction: string
{
    case Enter = 'enter';
    case Hold = 'hold';
    case Wait = 'wait';
    case AtOnce = 'at-once';

    /** @param float|null $seconds how long to hold or wait */
    public function words(?float $seconds): string
    {
        $time = null === $seconds ? null : Wording::number($seconds).' s';

        return match ($this) {
            self::Enter => 'Press Enter: it keeps nothing otherwise.',
            self::Hold => null === $time ? 'Hold Enter until it blinks.' : 'Hold Enter for '.$time.'.',
            self::Wait => null === $time ? 'Wait until it takes the setting by itself.' : 'Wait '.$time.': it takes the setting by itself.',
            self::AtOnce => 'It takes the setting at once.',
        };
    }
}
