<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Desk\Input\ChooseDesk;
use Rigger\App\Http\Desk\Input\JoinRows;
use Rigger\App\Http\Reply;
use Rigger\App\Library\DeskShelf;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Desks;
use Rigger\App\Repository\Rigs;
use Rigger\App\Rig\RigEditor;
use Rigger\App\Rig\Snapshot;
use Rigger\App\Rig\SnapshotLoader;
use Rigger\App\Rig\View\RigView;
use Rigger\App\Rig\View\WalkView;
use Rigger\App\Rig\Walking;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** The desk that a rig is played on. */
#[Route('/api/rigs/{rig}/desk')]
final readonly class DeskController
{
    public function __construct(private RigEditor $editor)
    {
    }

    #[Route('', methods: 'PUT'), Answers(RigView::class)]
    public function choose(Uuid $rig, #[MapRequestPayload] ChooseDesk $input, Desks $desks): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, static function (Snapshot $snapshot) use ($input, $desks): string {
            $desk = null === $input->deskId ? null : $desks->get($input->deskId);
            $before = $snapshot->rig->desk();
            $snapshot->rig->playOn($desk);

            return match (true) {
                null === $desk => 'Took the desk away',
                $before?->name === $desk->name => \sprintf('Described %s anew', $desk->name),
                default => \sprintf('Chose the desk %s', $desk->name),
            };
        }));
    }

    /** Joins the two rows of a preset desk into one, or sets them apart again. */
    #[Route('/rows', methods: 'PUT'), Answers(RigView::class)]
    public function join(Uuid $rig, #[MapRequestPayload] JoinRows $input, DeskShelf $shelf): JsonResponse
    {
        return Reply::with($this->editor->edit($rig, $input->version, static function (Snapshot $snapshot) use ($input, $shelf): string {
            $desk = $snapshot->desk() ?? throw Problem::conflict('no_desk', 'The rig has no desk any more.');
            $snapshot->rig->playOn($shelf->variant($desk->withWide($input->isWide)));

            return $input->isWide ? \sprintf('Joined the rows of %s into one', $desk->name) : \sprintf('Set %s to two presets', $desk->name);
        }));
    }

    /** The rig tried one thing at a time: units, or faders. */
    #[Route('/walk', methods: 'GET'), Answers(WalkView::class)]
    public function walk(Uuid $rig, Rigs $rigs, SnapshotLoader $loader, #[MapQueryParameter] string $by = 'units'): JsonResponse
    {
        return Reply::with(Walking::of($loader->load($rigs->get($rig)), match ($by) {
            'units' => false,
            'faders' => true,
            default => throw Problem::at('by', 'not_a_choice', 'A walk goes by units or by faders.'),
        }));
    }
}
