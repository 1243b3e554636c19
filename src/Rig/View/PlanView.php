<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Judge\Patch\Numbering;
use Rigger\Core\Judge\Patch\Trip;
use Rigger\Core\Judge\Patch\Unplaced;

/** What a plan would do. */
final readonly class PlanView
{
    /**
     * @param list<PlanTripView> $trips    in the order of the patch list
     * @param list<UnplacedView> $unplaced
     * @param RepairView|null    $take     takes it over; null where something finds no room, or nothing changes
     */
    public function __construct(public array $trips, public array $unplaced, public string $sentence, public ?RepairView $take)
    {
    }

    public static function of(Numbering $plan): self
    {
        $proposal = $plan->proposal();

        return new self(
            array_map(
                static fn (Trip $trip): PlanTripView => new PlanTripView(
                    $trip->unit->id,
                    $trip->unit->name,
                    $trip->unit->place->words(),
                    $trip->to->words(),
                    $trip->to->universe,
                    $trip->to->address,
                    $trip->why,
                ),
                $plan->trips,
            ),
            array_map(
                static fn (Unplaced $unplaced): UnplacedView => new UnplacedView(
                    $unplaced->unit->id,
                    $unplaced->unit->name,
                    $unplaced->why,
                ),
                $plan->unplaced,
            ),
            $plan->sentence,
            null === $proposal ? null : RepairView::of($proposal),
        );
    }
}
