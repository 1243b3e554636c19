<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Desk\Input\PlanDesk;
use Rigger\App\Http\Desk\Input\RepairAtDesk;
use Rigger\App\Http\Reply;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Rigs;
use Rigger\App\Rig\Advising;
use Rigger\App\Rig\DeskRepairs;
use Rigger\App\Rig\RigEditor;
use Rigger\App\Rig\Snapshot;
use Rigger\App\Rig\SnapshotLoader;
use Rigger\App\Rig\Swapping;
use Rigger\App\Rig\View\AdviceView;
use Rigger\App\Rig\View\RigView;
use Rigger\App\Rig\View\WishesView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Which unit goes to which button in which mode, and what to do about one that does not fit. */
#[Route('/api/rigs/{rig}/desk')]
final readonly class AdviceController
{
    public function __construct(private RigEditor $editor, private Advising $advising, private Rigs $rigs, private SnapshotLoader $loader)
    {
    }

    #[Route('/wishes', methods: 'GET'), Answers(WishesView::class)]
    public function wishes(Uuid $rig): JsonResponse
    {
        return Reply::with(Advising::wishes($this->loader->load($this->rigs->get($rig))));
    }

    #[Route('/plan/preview', methods: 'POST'), Answers(AdviceView::class)]
    public function preview(Uuid $rig, #[MapRequestPayload] PlanDesk $input): JsonResponse
    {
        return Reply::with($this->advising->preview($this->loader->load($this->rigs->get($rig)), $input->wishes));
    }

    #[Route('/plan/apply', methods: 'POST'), Answers(RigView::class)]
    public function apply(Uuid $rig, #[MapRequestPayload] PlanDesk $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => $this->advising->apply($snapshot, $input->wishes)));
    }

    #[Route('/repair', methods: 'POST'), Answers(RigView::class)]
    public function repair(Uuid $rig, #[MapRequestPayload] RepairAtDesk $input, Swapping $swapping): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, static fn (Snapshot $snapshot): string => (new DeskRepairs($snapshot, $snapshot->desk() ?? throw Problem::conflict('no_desk', 'The rig has no desk any more.')))->apply($input->fixtureId, $input->repair, $swapping)));
    }
}
