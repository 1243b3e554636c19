<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Patch\Input\AddFixtures;
use Rigger\App\Http\Patch\Input\ChangeFixture;
use Rigger\App\Http\Patch\Input\MoveFixtures;
use Rigger\App\Http\Reply;
use Rigger\App\Http\Rig\Input\AtVersion;
use Rigger\App\Problem\Problem;
use Rigger\App\Rig\Patching;
use Rigger\App\Rig\RigEditor;
use Rigger\App\Rig\Snapshot;
use Rigger\App\Rig\View\RigView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** The patch list. */
#[Route('/api/rigs/{rig}/fixtures')]
final readonly class PatchController
{
    public function __construct(private RigEditor $editor, private Patching $patching)
    {
    }

    #[Route('', methods: 'POST'), Answers(RigView::class)]
    public function add(Uuid $rig, #[MapRequestPayload] AddFixtures $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => null === $input->twinOf
            ? $this->patching->add($snapshot, Uuid::fromString($input->typeId), $input->mode, $input->count, $input->name, $input->atButtons)
            : $this->patching->addTwins($snapshot, $input->twinOf, $input->count, $input->name)));
    }

    /** Units on one piece of tape go to another address together. */
    #[Route('/move', methods: 'POST'), Answers(RigView::class)]
    public function move(Uuid $rig, #[MapRequestPayload] MoveFixtures $input): JsonResponse
    {
        $ids = $input->fixtureIds;

        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => [] === $ids
            ? throw Problem::at('fixtureIds', 'missing', 'Say which units to move.')
            : $this->patching->moveTogether($snapshot, $ids, $input->address)));
    }

    #[Route('/{id}', methods: 'PATCH'), Answers(RigView::class)]
    public function change(Uuid $rig, string $id, #[MapRequestPayload] ChangeFixture $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => match (true) {
            null !== $input->name => $this->patching->rename($snapshot, $id, $input->name),
            null !== $input->address => $this->patching->move($snapshot, $id, $input->address),
            null !== $input->mode => $this->patching->setMode($snapshot, $id, $input->mode),
            null !== $input->position => $this->patching->hangAt($snapshot, $id, $input->position),
            null !== $input->isSet => $this->patching->tick($snapshot, $id, $input->isSet),
            default => throw Problem::at('', 'missing', 'Say what to change: name, address, mode, position or whether it is set.'),
        }));
    }

    #[Route('/{id}/remove', methods: 'POST'), Answers(RigView::class)]
    public function remove(Uuid $rig, string $id, #[MapRequestPayload] AtVersion $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => $this->patching->remove($snapshot, $id)));
    }
}
