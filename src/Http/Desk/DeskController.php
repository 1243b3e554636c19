<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Desk\Input\ChooseDesk;
use Rigger\App\Http\Reply;
use Rigger\App\Library\View\DeskListView;
use Rigger\App\Repository\Desks;
use Rigger\App\Rig\RigEditor;
use Rigger\App\Rig\Snapshot;
use Rigger\App\Rig\View\RigView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Desks in the library, and the one that a rig is played on. */
final readonly class DeskController
{
    public function __construct(private Desks $desks, private RigEditor $editor)
    {
    }

    #[Route('/api/desks', methods: 'GET'), Answers(DeskListView::class)]
    public function list(): JsonResponse
    {
        return Reply::with(new DeskListView($this->desks->all()));
    }

    #[Route('/api/rigs/{rig}/desk', methods: 'PUT'), Answers(RigView::class)]
    public function choose(Uuid $rig, #[MapRequestPayload] ChooseDesk $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, function (Snapshot $snapshot) use ($input): string {
            $desk = null === $input->deskId ? null : $this->desks->get($input->deskId);
            $snapshot->rig->playOn($desk);

            return null === $desk ? 'Took the desk away' : \sprintf('Chose the desk %s', $desk->name);
        }));
    }
}
