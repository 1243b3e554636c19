<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Judge\Lines\CableOffer;
use Rigger\Core\Judge\Lines\CableOffers;
use Rigger\Core\Line\Cable\LaidRun;

/** Ways to lay cable, by their number of runs. */
final readonly class CablePlanView
{
    /**
     * @param list<CableOfferView> $offers
     * @param list<string>         $offThePlan units that stand nowhere on the stage plan
     */
    public function __construct(public array $offers, public array $offThePlan)
    {
    }

    public static function of(CableOffers $offers): self
    {
        return new self(array_map(static fn (CableOffer $offer): CableOfferView => new CableOfferView(
            array_map(static fn (LaidRun $run): LaidRunView => new LaidRunView(
                $run->order,
                array_map(static fn (array $cable): float => round($cable['length'] ?? $cable['needed'], 1), $run->cables),
                round($run->metres(), 1),
            ), $offer->plan->runs),
            round($offer->plan->metres(), 1),
            $offer->mostAtOnce(),
            $offer->words(),
            $offer->plan->unplaced,
            RepairView::of($offer->proposal),
        ), $offers->offers), $offers->offThePlan);
    }
}
