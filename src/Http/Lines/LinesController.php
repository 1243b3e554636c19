<?php

declare(strict_types=1);

namespace Rigger\App\Http\Lines;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Lines\Input\AddLink;
use Rigger\App\Http\Lines\Input\ChangeLink;
use Rigger\App\Http\Lines\Input\ConnectFixture;
use Rigger\App\Http\Reply;
use Rigger\App\Http\Rig\Input\AtVersion;
use Rigger\App\Rig\Linking;
use Rigger\App\Rig\RigEditor;
use Rigger\App\Rig\Snapshot;
use Rigger\App\Rig\Together;
use Rigger\App\Rig\View\RigView;
use Rigger\Core\Line\RadioKit;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Radio senders and the receivers behind them. */
#[Route('/api/rigs/{rig}')]
final readonly class LinesController
{
    public function __construct(private RigEditor $editor, private Linking $linking)
    {
    }

    #[Route('/links', methods: 'POST'), Answers(RigView::class)]
    public function add(Uuid $rig, #[MapRequestPayload] AddLink $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => $this->linking->add($snapshot, RadioKit::from($input->kit), $input->label, $input->name)));
    }

    #[Route('/links/{id}', methods: 'PATCH'), Answers(RigView::class)]
    public function change(Uuid $rig, string $id, #[MapRequestPayload] ChangeLink $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => Together::make(
            $snapshot,
            ': label or name',
            null === $input->label ? null : fn (Snapshot $s): string => $this->linking->rename($s, $id, $input->label),
            null === $input->name ? null : fn (Snapshot $s): string => $this->linking->sendOn($s, $id, $input->name),
        )));
    }

    #[Route('/links/{id}/remove', methods: 'POST'), Answers(RigView::class)]
    public function remove(Uuid $rig, string $id, #[MapRequestPayload] AtVersion $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => $this->linking->remove($snapshot, $id)));
    }

    #[Route('/fixtures/{id}/link', methods: 'PUT'), Answers(RigView::class)]
    public function connect(Uuid $rig, string $id, #[MapRequestPayload] ConnectFixture $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => $this->linking->connect($snapshot, $id, $input->linkId, $input->receiver)));
    }
}
