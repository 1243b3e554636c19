<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Desk\Input\PlanDesk;
use Rigger\App\Http\Reply;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Rig\View\AdviceView;
use Rigger\App\Rig\View\WalkView;
use Rigger\App\Rig\View\WishesView;
use Rigger\App\Rig\Walking;
use Rigger\Core\Judge\Desk\Advice;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Which unit goes to which button in which mode. */
#[Route('/api/rigs/{rig}/desk')]
final readonly class AdviceController
{
    public function __construct(private CoreRigs $rigs)
    {
    }

    #[Route('/wishes', methods: 'GET'), Answers(WishesView::class)]
    public function wishes(Uuid $rig): JsonResponse
    {
        return Reply::with(WishesView::of($this->rigs->get($rig)));
    }

    #[Route('/plan/preview', methods: 'POST'), Answers(AdviceView::class)]
    public function preview(Uuid $rig, #[MapRequestPayload] PlanDesk $input): JsonResponse
    {
        return Reply::with(AdviceView::of(Advice::of($this->rigs->get($rig), $input->wishes())));
    }

    /** The rig tried one thing at a time: units, or faders. */
    #[Route('/walk', methods: 'GET'), Answers(WalkView::class)]
    public function walk(Uuid $rig, #[MapQueryParameter] string $by = 'units'): JsonResponse
    {
        return Reply::with(Walking::of($this->rigs->get($rig), match ($by) {
            'units' => false,
            'faders' => true,
            default => throw Problem::at('by', 'not_a_choice', 'A walk goes by units or by faders.'),
        }));
    }
}
