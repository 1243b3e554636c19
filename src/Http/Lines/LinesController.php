<?php

declare(strict_types=1);

namespace Rigger\App\Http\Lines;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Lines\Input\Cover;
use Rigger\App\Http\Lines\Input\LayCable;
use Rigger\App\Http\Reply;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Rig\View\CablePlanView;
use Rigger\App\Rig\View\CoverView;
use Rigger\App\Rig\View\LoadListView;
use Rigger\App\Rig\View\PairingView;
use Rigger\App\Rig\View\PinTablesView;
use Rigger\App\Rig\View\PulledView;
use Rigger\Core\Judge\Lines\CableOffers;
use Rigger\Core\Judge\Lines\PairingCard;
use Rigger\Core\Rig\Line\LoadList;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Questions about data runs and links: nothing changes by them. */
final readonly class LinesController
{
    public function __construct(private CoreRigs $rigs)
    {
    }

    /** Cable laid through the units of the stage plan. */
    #[Route('/api/rigs/{rig}/cable-plan', methods: 'POST'), Answers(CablePlanView::class)]
    public function plan(Uuid $rig, #[MapRequestPayload] LayCable $input): JsonResponse
    {
        return Reply::with(CablePlanView::of(CableOffers::of($this->rigs->get($rig), $input->wish())));
    }

    /** How many units cover a width. */
    #[Route('/api/cover', methods: 'POST'), Answers(CoverView::class)]
    public function cover(#[MapRequestPayload] Cover $input): JsonResponse
    {
        return Reply::with(CoverView::of($input->cover(), $input->width));
    }

    /** Who goes dark, and who flickers, when the plug at an item of a run is pulled. */
    #[Route('/api/rigs/{rig}/pulled/{item}', methods: 'GET'), Answers(PulledView::class)]
    public function pulled(Uuid $rig, string $item): JsonResponse
    {
        return Reply::with(PulledView::of($this->rigs->get($rig), $item));
    }

    /** How a unit's receiver is made to listen to its sender. */
    #[Route('/api/rigs/{rig}/units/{unit}/pairing', methods: 'GET'), Answers(PairingView::class)]
    public function pairing(Uuid $rig, string $unit): JsonResponse
    {
        $core = $this->rigs->get($rig);

        return Reply::with(PairingView::of(PairingCard::of($core, $core->unit($unit))));
    }

    /** What to load for the data runs. */
    #[Route('/api/rigs/{rig}/load-list', methods: 'GET'), Answers(LoadListView::class)]
    public function loadList(Uuid $rig): JsonResponse
    {
        $core = $this->rigs->get($rig);

        return Reply::with(LoadListView::of(LoadList::of($core->runs, $core->cabling())));
    }

    /** Which contact of which plug carries what. */
    #[Route('/api/pin-tables', methods: 'GET'), Answers(PinTablesView::class)]
    public function pins(): JsonResponse
    {
        return Reply::with(PinTablesView::all());
    }
}
