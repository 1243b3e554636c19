<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Patch\Input\LayOutSet;
use Rigger\App\Http\Reply;
use Rigger\App\Rig\View\LargeSetView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Arithmetic for large sets: nothing of it is stored. */
final readonly class LargeSetController
{
    /** How much room a large set of equal units takes, and where one of them is. */
    #[Route('/api/large-set', methods: 'POST'), Answers(LargeSetView::class)]
    public function __invoke(#[MapRequestPayload] LayOutSet $input): JsonResponse
    {
        return Reply::with(LargeSetView::of($input->set(), $input->unit));
    }
}
