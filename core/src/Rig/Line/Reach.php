<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Line;

use Rigger\Core\Line\Radio\Margin;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Link;

/** How far a receiver is from its sender, and by how much it hears more than it needs. A planning figure. */
final readonly class Reach
{
    private function __construct(public float $metres, public Margin $margin)
    {
    }

    /** Null where the leaflet says too little, or one of the two stands nowhere on the plan. */
    public static function of(Link $link, ?Spot $receiver): ?self
    {
        $air = $link->kit->kit->air;
        if (null === $air?->powerDbm || null === $air->sensitivityDbm || null === $link->spot || null === $receiver) {
            return null;
        }
        $metres = sqrt(
            ($link->spot->x - $receiver->x) ** 2
            + ($link->spot->y - $receiver->y) ** 2
            + (($link->spot->height ?? 0.0) - ($receiver->height ?? 0.0)) ** 2,
        );
        $margin = Margin::of($air->powerDbm, array_sum($air->gains), $air->sensitivityDbm, $metres, $link->place, $link->obstacles);

        return new self($metres, $margin);
    }
}
