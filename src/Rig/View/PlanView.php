<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** What a plan would do. */
final readonly class PlanView
{
    /**
     * @param list<PlanTripView> $trips    in the order of the patch list
     * @param list<UnplacedView> $unplaced
     */
    public function __construct(public array $trips, public array $unplaced, public string $sentence)
    {
    }
}
