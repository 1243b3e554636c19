<?php

declare(strict_types=1);

namespace Rigger\App\Http\Fixtures;

use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Library\LibraryIndex;
use Rigger\App\Library\View\ChartView;
use Rigger\App\Library\View\TypeListView;
use Rigger\App\Repository\Types;
use Rigger\Core\Library\LibraryQuery;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** The library of charts. They are written through the door of a rig. */
final readonly class FixturesController
{
    private const PAGE = 100;

    public function __construct(private Types $types, private LibraryIndex $library)
    {
    }

    /** Everything that fits what is typed: maker, model, kind, functions, "RGBAW under 10 channels". */
    #[Route('/api/types', methods: 'GET'), Answers(TypeListView::class)]
    public function list(
        #[MapQueryParameter] string $search = '',
        #[MapQueryParameter(options: ['min_range' => 1])] int $page = 1,
    ): JsonResponse {
        [$types, $total] = $this->library->page(LibraryQuery::of($search), $page, self::PAGE);

        return Reply::with(new TypeListView($types, $page, $total));
    }

    /** The newest chart, or the one of a revision. */
    #[Route('/api/types/{id}', methods: 'GET'), Answers(ChartView::class)]
    public function show(Uuid $id, #[MapQueryParameter(options: ['min_range' => 1])] ?int $revision = null): JsonResponse
    {
        return Reply::with($this->chart(null === $revision ? $this->types->latest($id) : $this->types->revision($id, $revision)));
    }

    private function chart(FixtureRevision $revision): ChartView
    {
        return ChartView::of($revision, $this->types->isUsed($revision));
    }
}
