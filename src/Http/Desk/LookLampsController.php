<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Rig\PlayedRigs;
use Rigger\App\Rig\View\AllLookLampsView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** What every lamp does in every look, at once. */
final readonly class LookLampsController
{
    public function __construct(private PlayedRigs $played)
    {
    }

    #[Route('/api/rigs/{rig}/looks/lamps', methods: 'GET'), Answers(AllLookLampsView::class)]
    public function __invoke(Uuid $rig): JsonResponse
    {
        [$version, $played] = $this->played->get($rig);

        return Reply::with(AllLookLampsView::of($version, $played));
    }
}
