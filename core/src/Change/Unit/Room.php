<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Patch\Place;
use Rigger\Core\Patch\Span;
use Rigger\Core\Plan\Spacing;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** Whether a mode fits in a unit's place, and where it would. */
final readonly class Room
{
    private const UNIVERSES = 8;

    /**
     * @param string|null $trouble what the larger footprint runs into; null when it fits
     * @param Place|null  $free    the first place with room; null where it fits already, or nowhere
     */
    private function __construct(public ?string $trouble, public ?Place $free)
    {
    }

    public static function of(Rig $rig, Unit $unit, Mode $mode): self
    {
        $trouble = self::trouble($rig, $unit, $mode);

        return new self($trouble, null === $trouble ? null : self::free($rig, $unit, $mode));
    }

    /** Units that are its twins now are in its way as well: they stay behind. */
    private static function trouble(Rig $rig, Unit $unit, Mode $mode): ?string
    {
        $span = Span::at($unit->place->address, $mode->footprint());
        if (!$span->fits()) {
            return \sprintf(
                '%d channels at %d end at %d, %d past 512.',
                $mode->footprint(),
                $span->first,
                $span->last(),
                $span->last() - Span::LAST_SLOT,
            );
        }
        foreach ($rig->units as $other) {
            $shared = $other->id === $unit->id || $other->place->universe !== $unit->place->universe ? null : $span->shared($other->span());
            // Whom it shares with already is no news, unless it was a twin.
            if (null !== $shared && (null === $unit->span()->shared($other->span()) || $other->at->identity === $unit->at->identity)) {
                return \sprintf(
                    '%d channels at %03d would share %s with %s.',
                    $mode->footprint(),
                    $span->first,
                    Span::words($shared[0], $shared[1]),
                    $other->name,
                );
            }
        }
        foreach ($rig->holds as $hold) {
            $shared = $hold->shared($unit->place->universe, $span);
            if (null !== $shared && null === $unit->span()->shared($hold->span)) {
                return \sprintf(
                    '%d channels at %03d would take %s, held for %s.',
                    $mode->footprint(),
                    $span->first,
                    Span::words($shared[0], $shared[1]),
                    $hold->name,
                );
            }
        }

        return null;
    }

    private static function free(Rig $rig, Unit $unit, Mode $mode): ?Place
    {
        $first = $unit->place->universe;
        $slots = TakenSlots::of($rig, self::UNIVERSES, $first, $unit->id);
        $desk = $rig->desk();
        foreach (null !== $desk && $desk->universe === $first ? $desk->starts() : [] as $start) {
            if ($slots->isFree($place = new Place($first, $start), $mode->footprint())) {
                return $place;
            }
        }

        return $slots->firstFit($mode->footprint(), Spacing::packed());
    }
}
