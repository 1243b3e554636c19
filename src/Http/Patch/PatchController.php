<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Patch\Input\AddFixtures;
use Rigger\App\Http\Patch\Input\ChangeFixture;
use Rigger\App\Http\Patch\Input\MoveFixtures;
use Rigger\App\Http\Patch\Input\SwapFixture;
use Rigger\App\Http\Reply;
use Rigger\App\Http\Rig\Input\AtVersion;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Rigs;
use Rigger\App\Rig\Hanging;
use Rigger\App\Rig\OrderKeeping;
use Rigger\App\Rig\Patching;
use Rigger\App\Rig\RigEditor;
use Rigger\App\Rig\Snapshot;
use Rigger\App\Rig\SnapshotLoader;
use Rigger\App\Rig\Swapping;
use Rigger\App\Rig\Together;
use Rigger\App\Rig\View\AddPreviewView;
use Rigger\App\Rig\View\FitView;
use Rigger\App\Rig\View\RigView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** The patch list. */
#[Route('/api/rigs/{rig}/fixtures')]
final readonly class PatchController
{
    public function __construct(private RigEditor $editor, private Patching $patching, private Hanging $hanging)
    {
    }

    #[Route('', methods: 'POST'), Answers(RigView::class)]
    public function add(Uuid $rig, #[MapRequestPayload] AddFixtures $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => $this->hanging->add($snapshot, $input->wish())));
    }

    /** What adding would do. */
    #[Route('/preview', methods: 'POST'), Answers(AddPreviewView::class)]
    public function preview(Uuid $rig, #[MapRequestPayload] AddFixtures $input, Rigs $rigs, SnapshotLoader $loader): JsonResponse
    {
        return Reply::with($this->hanging->preview($loader->load($rigs->get($rig)), $input->wish()));
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
    public function change(Uuid $rig, string $id, #[MapRequestPayload] ChangeFixture $input, OrderKeeping $order, Swapping $swapping): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => Together::make(
            $snapshot,
            '',
            null === $input->name ? null : fn (Snapshot $s): string => $this->patching->rename($s, $id, $input->name),
            null === $input->mode ? null : static fn (Snapshot $s): string => $swapping->setMode($s, $id, $input->mode),
            null === $input->address ? null : fn (Snapshot $s): string => $this->patching->move($s, $id, $input->address),
            null === $input->position ? null : fn (Snapshot $s): string => $this->patching->hangAt($s, $id, $input->position),
            null === $input->number ? null : static fn (Snapshot $s): string => $order->number($s, $id, $input->number),
            null === $input->groups ? null : static fn (Snapshot $s): string => $order->group($s, $id, $input->groups),
            null === $input->note ? null : static fn (Snapshot $s): string => $order->note($s, $id, $input->note),
            null === $input->tape ? null : static fn (Snapshot $s): string => $order->tape($s, $id, $input->tape),
            null === $input->pan ? null : static fn (Snapshot $s): string => $order->turnRound($s, $id, $input->pan, null),
            null === $input->tilt ? null : static fn (Snapshot $s): string => $order->turnRound($s, $id, null, $input->tilt),
            null === $input->isLocked ? null : static fn (Snapshot $s): string => $order->lock($s, $id, $input->isLocked),
            null === $input->isSet ? null : static fn (Snapshot $s): string => $order->tick($s, $id, $input->isSet),
            null === $input->isProved ? null : static fn (Snapshot $s): string => $order->prove($s, $id, $input->isProved),
        )));
    }

    /** Another mode or type in its place: does it fit? */
    #[Route('/{id}/fit', methods: 'GET'), Answers(FitView::class)]
    public function fit(Uuid $rig, string $id, Rigs $rigs, SnapshotLoader $loader, Swapping $swapping, #[MapQueryParameter] string $mode, #[MapQueryParameter] ?string $type = null): JsonResponse
    {
        return Reply::with($swapping->fit($loader->load($rigs->get($rig)), $id, null === $type ? null : Uuid::fromString($type), $mode));
    }

    #[Route('/{id}/swap', methods: 'POST'), Answers(RigView::class)]
    public function swap(Uuid $rig, string $id, #[MapRequestPayload] SwapFixture $input, Swapping $swapping): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, static fn (Snapshot $snapshot): string => null === $input->typeId
            ? $swapping->setMode($snapshot, $id, $input->mode, $input->makesRoom)
            : $swapping->become($snapshot, $id, Uuid::fromString($input->typeId), $input->mode, $input->makesRoom)));
    }

    #[Route('/{id}/remove', methods: 'POST'), Answers(RigView::class)]
    public function remove(Uuid $rig, string $id, #[MapRequestPayload] AtVersion $input): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, fn (Snapshot $snapshot): string => $this->patching->remove($snapshot, $id)));
    }
}
