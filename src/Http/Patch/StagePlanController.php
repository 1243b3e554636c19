<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Patch\Input\LineUpUnits;
use Rigger\App\Http\Patch\Input\PlaceUnit;
use Rigger\App\Http\Patch\Input\PutSupport;
use Rigger\App\Http\Patch\Input\PutUnits;
use Rigger\App\Http\Reply;
use Rigger\App\Http\Rig\Input\AtVersion;
use Rigger\App\Problem\Problem;
use Rigger\App\Rig\RigEditor;
use Rigger\App\Rig\Snapshot;
use Rigger\App\Rig\StagePlan;
use Rigger\App\Rig\View\RigView;
use Rigger\Core\Position\Lineup;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** The stage plan: beams, stands, and where units hang. */
#[Route('/api/rigs/{rig}/stage-plan')]
final readonly class StagePlanController
{
    public function __construct(private RigEditor $editor, private StagePlan $plan)
    {
    }

    #[Route('/put', methods: 'POST'), Answers(RigView::class)]
    public function put(Uuid $rig, #[MapRequestPayload] PutUnits $input): JsonResponse
    {
        $ids = $input->fixtureIds;

        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => [] === $ids
            ? throw Problem::at('fixtureIds', 'missing', 'Say which units to put there.')
            : $this->plan->put($snapshot, $ids, $input->x, $input->y)));
    }

    #[Route('/units/{id}', methods: 'PUT'), Answers(RigView::class)]
    public function place(Uuid $rig, string $id, #[MapRequestPayload] PlaceUnit $input): JsonResponse
    {
        $spot = $input->spot();

        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => null === $spot ? $this->plan->takeOff($snapshot, $id) : $this->plan->place($snapshot, $id, $spot)));
    }

    #[Route('/line-up', methods: 'POST'), Answers(RigView::class)]
    public function lineUp(Uuid $rig, #[MapRequestPayload] LineUpUnits $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => $this->plan->lineUp($snapshot, $input->fixtureIds, Lineup::from($input->how))));
    }

    /** Every unit that has no spot yet, by its hanging position's words. */
    #[Route('/by-words', methods: 'POST'), Answers(RigView::class)]
    public function byWords(Uuid $rig, #[MapRequestPayload] AtVersion $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, $this->plan->putByWords(...)));
    }

    #[Route('/supports', methods: 'POST'), Answers(RigView::class)]
    public function raise(Uuid $rig, #[MapRequestPayload] PutSupport $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => $this->plan->raise($snapshot, $input->held())));
    }

    #[Route('/supports/{id}', methods: 'PUT'), Answers(RigView::class)]
    public function change(Uuid $rig, string $id, #[MapRequestPayload] PutSupport $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => $this->plan->change($snapshot, $id, $input->held())));
    }

    #[Route('/supports/{id}/remove', methods: 'POST'), Answers(RigView::class)]
    public function strike(Uuid $rig, string $id, #[MapRequestPayload] AtVersion $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => $this->plan->strike($snapshot, $id)));
    }
}
