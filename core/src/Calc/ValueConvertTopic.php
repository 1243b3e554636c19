<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Value\MidiFit;
use Rigger\Core\Value\Scale;

/** `value.convert` {"value","from","to","fit"?} → {"value"}, to `word` also "coarse" and "fine". */
final class ValueConvertTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['value', 'from', 'to', 'fit']);
        $in->number('value');
        $scales = array_column(Scale::cases(), 'value');
        $from = Scale::from($in->choice('from', $scales));
        $to = Scale::from($in->choice('to', $scales));
        $fit = $in->has('fit') ? MidiFit::from($in->choice('fit', array_column(MidiFit::cases(), 'value'))) : null;
        // Which numbers are allowed depends on the scale, so the value's own bounds come after the scales.
        $value = $from->isWhole() ? $in->whole('value', 0, $from->top()) : $in->number('value', 0, $from->top());
        $isMidiToDmx = Scale::Midi === $from && Scale::Dmx === $to;
        if (null !== $fit && !$isMidiToDmx) {
            throw InputError::because(
                'fit_not_used',
                'fit',
                \sprintf('A fit is for MIDI values onto 0–255; from %s to %s there is nothing to fit.', $from->value, $to->value),
            );
        }
        $result = null !== $fit ? $fit->toDmx((int) $value) : $to->fromLevel($from->toLevel($value));

        return ['value' => $result] + (Scale::Word === $to ? ['coarse' => intdiv((int) $result, 256), 'fine' => (int) $result % 256] : []);
    }
}
