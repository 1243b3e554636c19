<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Patch\Input\CountPresses;
use Rigger\App\Http\Patch\Input\LayOutSet;
use Rigger\App\Http\Reply;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Rigs;
use Rigger\App\Rig\SnapshotLoader;
use Rigger\App\Rig\View\LargeSetView;
use Rigger\App\Rig\View\PressesView;
use Rigger\Core\Patch\Span;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Arithmetic at the ladder: nothing of it is stored. */
final readonly class SettingController
{
    /** How often to press which key, from what the display shows now. */
    #[Route('/api/rigs/{rig}/fixtures/{id}/presses', methods: 'POST'), Answers(PressesView::class)]
    public function presses(Uuid $rig, string $id, #[MapRequestPayload] CountPresses $input, Rigs $rigs, SnapshotLoader $loader): JsonResponse
    {
        $fixture = $loader->load($rigs->get($rig))->fixture($id);
        $unit = $fixture->revision()->profile()->unit;
        $keys = $unit->keys ?? throw Problem::conflict('no_keys', \sprintf('The chart of %s does not say by which keys its address is stepped.', $fixture->revision()->type->model()));

        return Reply::with(new PressesView($keys->presses($input->from, $fixture->span()->first, $unit->keysTop ?? Span::LAST_SLOT)));
    }

    /** How much room a large set of equal units takes, and where one of them is. */
    #[Route('/api/large-set', methods: 'POST'), Answers(LargeSetView::class)]
    public function largeSet(#[MapRequestPayload] LayOutSet $input): JsonResponse
    {
        return Reply::with(LargeSetView::of($input->set(), $input->unit));
    }
}
