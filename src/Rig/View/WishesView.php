<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

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
}
