<?php

declare(strict_types=1);

namespace Rigger\App\Http\Wastebasket;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Wastebasket\Kind;
use Rigger\App\Wastebasket\View\WastebasketView;
use Rigger\App\Wastebasket\Wastebasket;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** What was thrown away, until somebody empties the wastebasket. */
final readonly class WastebasketController
{
    public function __construct(private Wastebasket $wastebasket)
    {
    }

    #[Route('/api/wastebasket', methods: 'GET'), Answers(WastebasketView::class)]
    public function look(): JsonResponse
    {
        return Reply::with($this->wastebasket->look());
    }

    #[Route(
        '/api/wastebasket/{kind}/{id}/bring-back',
        requirements: ['kind' => 'rig|chart|desk|kit'],
        methods: 'POST',
    ), Answers(WastebasketView::class)]
    public function bringBack(Kind $kind, Uuid $id): JsonResponse
    {
        return Reply::with($this->wastebasket->bringBack($kind, $id));
    }

    /** For good. */
    #[Route('/api/wastebasket/empty', methods: 'POST'), Answers(WastebasketView::class)]
    public function empty(): JsonResponse
    {
        return Reply::with($this->wastebasket->empty());
    }

    #[Route('/api/rigs/{id}', methods: 'DELETE')]
    public function rig(Uuid $id): Response
    {
        $this->wastebasket->throwAway(Kind::Rig, $id);

        return new Response(status: 204);
    }

    #[Route('/api/types/{id}', methods: 'DELETE')]
    public function chart(Uuid $id): Response
    {
        $this->wastebasket->throwAway(Kind::Chart, $id);

        return new Response(status: 204);
    }
}
