<?php

declare(strict_types=1);

namespace Rigger\App\Http\Fixtures;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Library\View\EmitterListView;
use Rigger\App\Library\View\EmitterView;
use Rigger\Core\Profile\TypicalEmitters;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/** Typical emitters, to begin with where the maker states no figures. */
final readonly class EmittersController
{
    #[Route('/api/emitters', methods: 'GET'), Answers(EmitterListView::class)]
    public function __invoke(): JsonResponse
    {
        return Reply::with(new EmitterListView(array_map(EmitterView::of(...), TypicalEmitters::all())));
    }
}
