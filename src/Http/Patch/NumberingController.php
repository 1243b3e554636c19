<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Patch\Input\NumberRig;
use Rigger\App\Http\Reply;
use Rigger\App\Repository\Rigs;
use Rigger\App\Rig\Numbering;
use Rigger\App\Rig\RigEditor;
use Rigger\App\Rig\Snapshot;
use Rigger\App\Rig\SnapshotLoader;
use Rigger\App\Rig\View\PlanView;
use Rigger\App\Rig\View\RigView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Numbering a whole rig: shown first, then taken over as one change. */
#[Route('/api/rigs/{rig}/plan', methods: 'POST')]
final readonly class NumberingController
{
    #[Route('/preview'), Answers(PlanView::class)]
    public function preview(Uuid $rig, #[MapRequestPayload] NumberRig $input, Rigs $rigs, SnapshotLoader $loader): JsonResponse
    {
        return Reply::with(Numbering::preview($loader->load($rigs->get($rig)), $input->wish()));
    }

    #[Route('/apply'), Answers(RigView::class)]
    public function apply(Uuid $rig, #[MapRequestPayload] NumberRig $input, RigEditor $editor): JsonResponse
    {
        return Reply::with($editor->edit($rig, $input->version, static fn (Snapshot $snapshot): string => Numbering::apply($snapshot, $input->wish())));
    }
}
