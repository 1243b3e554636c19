<?php

declare(strict_types=1);

namespace Rigger\App\Http\Fixtures;

use Rigger\App\Http\Answers;
use Rigger\App\Http\Fixtures\Input\TypedValueInput;
use Rigger\App\Http\Reply;
use Rigger\App\Library\View\TypedValueView;
use Rigger\App\Library\View\WordListView;
use Rigger\Core\Profile\RangeLine;
use Rigger\Core\Profile\TypedValue;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
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

    /** A value as it is typed beside a fader: "140", "50%", "full", or the name of a range. */
    #[Route('/api/typed-value', methods: 'POST'), Answers(TypedValueView::class)]
    public function value(#[MapRequestPayload] TypedValueInput $input): JsonResponse
    {
        return Reply::with(new TypedValueView(TypedValue::read($input->text, $input->ranges())));
    }
}
