<?php

declare(strict_types=1);

namespace Rigger\App\Http\Looks;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Looks\Input\ChangeLook;
use Rigger\App\Http\Looks\Input\RecordLook;
use Rigger\App\Http\Reply;
use Rigger\App\Http\Rig\Input\AtVersion;
use Rigger\App\Rig\Recording;
use Rigger\App\Rig\RigEditor;
use Rigger\App\Rig\Snapshot;
use Rigger\App\Rig\Together;
use Rigger\App\Rig\View\RigView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Scenes. */
#[Route('/api/rigs/{rig}/looks')]
final readonly class LooksController
{
    public function __construct(private RigEditor $editor, private Recording $recording)
    {
    }

    #[Route('', methods: 'POST'), Answers(RigView::class)]
    public function record(Uuid $rig, #[MapRequestPayload] RecordLook $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => $this->recording->record($snapshot, $input->name, $input->bank, $input->number, $input->slots)));
    }

    #[Route('/{id}', methods: 'PATCH'), Answers(RigView::class)]
    public function change(Uuid $rig, string $id, #[MapRequestPayload] ChangeLook $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => Together::make(
            $snapshot,
            ': name, bank and number, or slots',
            null === $input->name ? null : fn (Snapshot $s): string => $this->recording->rename($s, $id, $input->name),
            null === $input->bank || null === $input->number ? null : fn (Snapshot $s): string => $this->recording->storeAt($s, $id, $input->bank, $input->number),
            null === $input->slots ? null : fn (Snapshot $s): string => $this->recording->overwrite($s, $id, $input->slots),
        )));
    }

    #[Route('/{id}/steady', methods: 'POST'), Answers(RigView::class)]
    public function steady(Uuid $rig, string $id, #[MapRequestPayload] AtVersion $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => $this->recording->steady($snapshot, $id)));
    }

    #[Route('/{id}/remove', methods: 'POST'), Answers(RigView::class)]
    public function remove(Uuid $rig, string $id, #[MapRequestPayload] AtVersion $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => $this->recording->remove($snapshot, $id)));
    }
}
