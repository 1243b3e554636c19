<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Desk\Want;
use Rigger\Core\Judge\Desk\UnitWish;
use Rigger\Core\Rig\Rig;

/** Every unit with what it does now. */
final readonly class WishesView
{
    /**
     * @param list<WishView>     $units in the order of the patch list
     * @param list<WantWordView> $words of every want
     */
    public function __construct(public array $units, public array $words)
    {
    }

    public static function of(Rig $rig): self
    {
        return new self(
            array_map(static fn (UnitWish $wish): WishView => WishView::of($rig->unit($wish->unit), $wish), UnitWish::now($rig)),
            array_map(static fn (Want $want): WantWordView => new WantWordView($want->value, $want->words()), Want::cases()),
        );
    }
}
