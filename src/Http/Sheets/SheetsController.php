<?php

declare(strict_types=1);

namespace Rigger\App\Http\Sheets;

use OpenApi\Attributes as OA;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Rig\RigViews;
use Rigger\App\Sheet\Draw\PdfPages;
use Rigger\App\Sheet\RigSheets;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** The rig on paper: what the printer gets and what the screen shows are one drawing. */
final readonly class SheetsController
{
    public function __construct(private CoreRigs $rigs, private RigViews $views)
    {
    }

    #[Route('/api/rigs/{id}/sheets.pdf', methods: 'GET')]
    #[OA\Response(
        response: 200,
        description: 'Patch list, fader map and programming steps, A4',
        content: new OA\MediaType('application/pdf'),
    )]
    public function pdf(Uuid $id): Response
    {
        $rig = $this->views->of($this->rigs->get($id));

        return Reply::file(PdfPages::of(RigSheets::of($rig), $rig->name), 'application/pdf', $rig->name, 'pdf');
    }

    /** The same pages for the screen. */
    #[Route('/api/rigs/{id}/sheets', methods: 'GET'), Answers(SheetPagesView::class)]
    public function preview(Uuid $id): JsonResponse
    {
        return Reply::with(SheetPagesView::of(RigSheets::of($this->views->of($this->rigs->get($id)))));
    }
}
