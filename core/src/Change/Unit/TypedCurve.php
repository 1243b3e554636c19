<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\TypedRange;
use Rigger\Core\Profile\TypedValue;
use Rigger\Core\Rig\Unit;

/** A curve as it is typed: limits may be percents, "full" or names of ranges, which the channel turns into values. */
final class TypedCurve
{
    /** @throws InputError as ChannelCurve; not_understood, out_of_range for a limit that means nothing on the channel */
    public static function read(mixed $document, string $path, Unit $unit): ChannelCurve
    {
        $channel = $document instanceof \stdClass ? $document->channel ?? null : null;
        if (!$document instanceof \stdClass || !\is_int($channel)) {
            return ChannelCurve::read($document, $path);
        }
        $read = clone $document;
        foreach (['min' => 'lower', 'max' => 'upper'] as $member => $which) {
            $typed = $document->{$member} ?? null;
            if (!\is_string($typed)) {
                continue;
            }
            try {
                $read->{$member} = TypedValue::read($typed, self::ranges($unit, $channel));
            } catch (InputError $error) {
                throw InputError::because(
                    $error->errorCode,
                    $path.'.'.$member,
                    \sprintf('The %s limit: %s', $which, '' === trim($typed) ? 'type 0 to 255 or a percent.' : $error->getMessage()),
                );
            }
        }

        return ChannelCurve::read($read, $path);
    }

    /** @return list<TypedRange> */
    private static function ranges(Unit $unit, int $channel): array
    {
        return array_map(static fn (Range $range): TypedRange => new TypedRange(
            $range->from,
            $range->to,
            $range->title(),
            $range->function,
            $range->start,
            $range->end,
        ), BendChannel::channel($unit, $channel)->ranges);
    }
}
