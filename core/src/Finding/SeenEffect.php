<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\RangeFunction;

/** What one would see on stage when a channel's value moves, in a verb: "brightens", "turns redder", "swings round". */
final class SeenEffect
{
    /** In the order in which they strike the eye: a channel that may restart the unit is told by that. */
    private const ORDER = [
        RangeFunction::Reset, RangeFunction::Program, RangeFunction::Intensity, RangeFunction::Emitter, RangeFunction::ColourPreset,
        RangeFunction::Wheel,
        RangeFunction::Strobe, RangeFunction::Pulse, RangeFunction::RandomStrobe, RangeFunction::Pan, RangeFunction::Tilt,
    ];

    public static function of(Channel $channel): string
    {
        foreach (self::ORDER as $function) {
            foreach ($channel->ranges as $range) {
                if ($range->function === $function) {
                    return self::verb($function, $range->emitter);
                }
            }
        }
        foreach ($channel->ranges as $range) {
            if (RangeFunction::None !== $range->function) {
                return self::verb($range->function, null);
            }
        }

        return $channel->isFine() ? 'trembles a little' : 'does nothing that one could see';
    }

    private static function verb(RangeFunction $function, ?string $emitter): string
    {
        return match ($function) {
            RangeFunction::Reset => 'may restart',
            RangeFunction::Program => 'may start a program by itself',
            RangeFunction::Intensity => 'gets brighter or darker',
            RangeFunction::Emitter => \sprintf('gets more or less %s', str_replace('-', ' ', (string) $emitter)),
            RangeFunction::ColourPreset, RangeFunction::Wheel, RangeFunction::WheelSpin, RangeFunction::WhitePoint,
            RangeFunction::Tint => 'changes its colour',
            RangeFunction::Strobe, RangeFunction::Pulse, RangeFunction::RandomStrobe => 'starts to flash',
            RangeFunction::Open, RangeFunction::Closed => 'opens or closes',
            RangeFunction::Pan, RangeFunction::PanSpin => 'swings round',
            RangeFunction::Tilt, RangeFunction::TiltSpin => 'nods',
            RangeFunction::Gobo, RangeFunction::GoboSpin, RangeFunction::Prism => 'changes its pattern',
            RangeFunction::Focus, RangeFunction::Zoom, RangeFunction::Iris, RangeFunction::Frost => 'changes its beam',
            RangeFunction::Turn => 'turns',
            RangeFunction::Output => 'blows more or less',
            RangeFunction::MoveTime, RangeFunction::ProgramSpeed => 'works faster or slower',
            RangeFunction::Sound => 'hears more or less of the music',
            RangeFunction::None => 'does nothing that one could see',
        };
    }
}
