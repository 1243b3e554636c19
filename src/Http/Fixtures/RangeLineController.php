<?php

declare(strict_types=1);

namespace Rigger\App\Http\Fixtures;

use OpenApi\Attributes as OA;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Library\View\WordListView;
use Rigger\Core\Input\Json;
use Rigger\Core\Input\Members;
use Rigger\Core\Profile\EmitterReader;
use Rigger\Core\Profile\ProfileWriter;
use Rigger\Core\Profile\RangeLine;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** The one-line language of ranges, read by the core. */
final readonly class RangeLineController
{
    /** "24-210 strobe 0.8-16" to a range of the open format. */
    #[Route('/api/range-line', methods: 'POST')]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['text', 'emitters'], properties: [
        new OA\Property('text', type: 'string'), new OA\Property('emitters', type: 'array', items: new OA\Items(type: 'object')),
    ]))]
    #[OA\Response(response: 200, description: 'The range', content: new OA\JsonContent(required: ['range', 'line'], properties: [
        new OA\Property('range', type: 'object'), new OA\Property('line', type: 'string'),
    ]))]
    public function read(Request $request): JsonResponse
    {
        $in = Members::of(Json::decode($request->getContent()), ['text', 'emitters']);
        $text = $in->text('text');
        $range = RangeLine::parse($text, $in->each('emitters', EmitterReader::read(...), 100));

        return new JsonResponse(Json::encode(['range' => ProfileWriter::range($range), 'line' => RangeLine::write($range)]), 200, [], true);
    }

    /** Every word that may say what a range does; the fixture's emitters are words too. */
    #[Route('/api/range-words', methods: 'GET'), Answers(WordListView::class)]
    public function words(): JsonResponse
    {
        return Reply::with(new WordListView(RangeLine::words()));
    }
}
