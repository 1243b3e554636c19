<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Hold;

use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\Span;
use Rigger\Core\Rig\HeldSlots;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;

/**
 * Slots from one to another of a universe, as somebody types them.
 *
 * @internal
 */
final class SlotRange
{
    /**
     * @param string|null $id of the range that is changed; null for a new one
     *
     * @throws InputError out_of_range for an empty range, and for slots that are held already
     */
    public static function held(Rig $rig, ?string $id, string $newId, string $name, int $universe, int $from, int $to): HeldSlots
    {
        if ($from > $to) {
            throw InputError::because(
                'out_of_range',
                'to',
                \sprintf('Slots are held from the lower to the higher: %d comes before %d.', $to, $from),
            );
        }
        $held = new HeldSlots($newId, Limits::name($name, 'name'), $universe, Span::at($from, $to - $from + 1));
        foreach ($rig->holds as $other) {
            $shared = $other->id === $id ? null : $other->shared($universe, $held->span);
            if (null !== $shared) {
                throw InputError::because(
                    'out_of_range',
                    'from',
                    \sprintf(
                        '%s %s held for %s already.',
                        Span::words($shared[0], $shared[1]),
                        $shared[0] === $shared[1] ? 'is' : 'are',
                        $other->name,
                    ),
                );
            }
        }

        return $held;
    }

    /** "001–008", or "u2 001–008" where the rig is in several universes. */
    public static function words(Rig $rig, HeldSlots $held): string
    {
        return ($rig->isInOneUniverse() && 1 === $held->universe ? '' : 'u'.$held->universe.' ')
            .Span::words($held->span->first, $held->span->last());
    }
}
