<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Colour\Srgb;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;

/** One range of a fixture document, with the members that its own function has and no others. */
final class RangeReader
{
    private const COMMON = ['from', 'to', 'label', 'function'];

    /** @throws InputError */
    public static function read(mixed $document, string $path): Range
    {
        $in = Members::open($document, $path);
        $function = self::function($in);
        $in->allow([...self::COMMON, ...($function?->members() ?? ['start', 'end', 'emitter', 'hex', 'slot'])]);

        $from = $in->whole('from');
        $to = $in->whole('to');
        $label = $in->text('label');
        $function ??= RangeFunction::from($in->choice('function', RangeFunction::words()));
        [$slot, $start, $end] = self::quantity($in, $function);

        return new Range(
            $from,
            $to,
            $label,
            $function,
            $start,
            $end,
            RangeFunction::Emitter === $function ? $in->text('emitter') : null,
            self::hex($in, $function),
            $slot,
        );
    }

    /** The function decides which members may stand here, so it is looked at before its turn; null when it is no use. */
    private static function function(Members $in): ?RangeFunction
    {
        $word = $in->has('function') ? $in->raw('function') : null;

        return \is_string($word) ? RangeFunction::tryFrom($word) : null;
    }

    /** @return array{int|null, float|null, float|null} slot, start, end */
    private static function quantity(Members $in, RangeFunction $function): array
    {
        $quantity = $function->quantity();
        if (RangeFunction::Wheel === $function || (Quantity::SlotOrAmount === $quantity && ($in->has('slot') || !$in->has('start')))) {
            $slot = $in->whole('slot', 0);
            if ($in->has('start') || $in->has('end')) {
                throw InputError::unknownMember(
                    $in->path($in->has('start') ? 'start' : 'end'),
                    $in->has('start') ? 'start' : 'end',
                    [...self::COMMON, 'slot'],
                );
            }

            return [$slot, null, null];
        }
        if (Quantity::None === $quantity) {
            return [null, null, null];
        }
        [$least, $most] = $quantity->bounds();
        if (!$quantity->mayBeUnknown()) {
            return [null, $in->number('start', $least, $most), $in->number('end', $least, $most)];
        }
        $start = $in->numberOrNull('start', $least, $most);
        $end = $in->numberOrNull('end', $least, $most);
        if ((null === $start) !== (null === $end)) {
            throw InputError::wrongType($in->path(null === $start ? 'start' : 'end'), 'a number as the other end is one', null);
        }

        return [null, $start, $end];
    }

    private static function hex(Members $in, RangeFunction $function): ?string
    {
        if (!\in_array('hex', $function->members(), true)) {
            return null;
        }
        if (RangeFunction::Wheel === $function && (!$in->has('hex') || $in->isNull('hex'))) {
            return null;
        }
        $hex = $in->text('hex');
        if (!Srgb::isHex($hex)) {
            throw InputError::because(
                'no_colour',
                $in->path('hex'),
                InputError::quote($hex).' is not a screen colour: write # and six hexadecimal digits, such as #ff8600.',
            );
        }

        return '#'.strtolower(ltrim($hex, '#'));
    }
}
