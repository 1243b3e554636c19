<?php

declare(strict_types=1);

namespace Rigger\App\Http\Fixtures;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Library\View\WordListView;
use Rigger\Core\Profile\RangeLine;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/** The words of the one-line language of ranges, which the core reads. */
final readonly class RangeWordsController
{
    /** Every word that may say what a range does; the fixture's emitters are words too. */
    #[Route('/api/range-words', methods: 'GET'), Answers(WordListView::class)]
    public function words(): JsonResponse
    {
        return Reply::with(new WordListView(RangeLine::words()));
    }
}
