<?php

declare(strict_types=1);

namespace Rigger\App\Http\Fixtures;

use OpenApi\Attributes as OA;
use Rigger\App\Guard\Upload;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Library\PageFile;
use Rigger\App\Library\View\ChartFindingsView;
use Rigger\App\Library\View\EditedChartView;
use Rigger\App\Library\View\LearnedView;
use Rigger\App\Library\View\PageTextView;
use Rigger\Core\Edit\EditReader;
use Rigger\Core\Edit\Target;
use Rigger\Core\Input\Json;
use Rigger\Core\Input\Members;
use Rigger\Core\Profile\ChartRecordReader;
use Rigger\Core\Profile\ProfileReader;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** Work on a chart that nothing is stored of: edits, findings with their repairs, the text of a page. */
final readonly class ChartToolsController
{
    /** The chart after an edit. */
    #[Route('/api/charts/edit', methods: 'POST'), Answers(EditedChartView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(
        required: ['chart', 'edit'],
        properties: [new OA\Property('chart', type: 'object'), new OA\Property('edit', type: 'object')],
    ))]
    public function edit(Request $request): JsonResponse
    {
        $in = Members::of(Json::decode($request->getContent()), ['chart', 'edit']);
        $profile = ProfileReader::read($in->raw('chart'), 'chart');

        return Reply::with(EditedChartView::of(EditReader::read($in->raw('edit'))->on($profile)));
    }

    /** What is to be said of a chart, each finding with what puts it right and whether somebody accepted it. */
    #[Route('/api/charts/check', methods: 'POST'), Answers(ChartFindingsView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['chart'], properties: [new OA\Property('chart', type: 'object')]))]
    public function check(Request $request): JsonResponse
    {
        $in = Members::of(Json::decode($request->getContent()), ['chart']);

        return Reply::with(ChartFindingsView::of(ProfileReader::read($in->raw('chart'), 'chart')));
    }

    /** What to try next to find out a channel by fader, what is known so far, and where that disagrees with the chart. */
    #[Route('/api/charts/learn', methods: 'POST'), Answers(LearnedView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['chart', 'mode', 'channel', 'notes'], properties: [
        new OA\Property('chart', type: 'object'), new OA\Property('mode', type: 'string'), new OA\Property('channel', type: 'integer'),
        new OA\Property('notes', type: 'array', items: new OA\Items(type: 'object')),
    ]))]
    public function learn(Request $request): JsonResponse
    {
        $in = Members::of(Json::decode($request->getContent()), ['chart', 'mode', 'channel', 'notes']);
        $profile = ProfileReader::read($in->raw('chart'), 'chart');
        $target = new Target($in->text('mode'), $in->whole('channel', 1, 512));

        return Reply::with(LearnedView::of($profile, $target->channel($profile), $in->each('notes', ChartRecordReader::note(...), 256)));
    }

    /** The text of a file: plain text, a list, or what a PDF holds of it. */
    #[Route('/api/charts/text', methods: 'POST', defaults: [Upload::ROUTE => true]), Answers(PageTextView::class)]
    #[OA\RequestBody(content: new OA\MediaType(
        'multipart/form-data',
        schema: new OA\Schema(required: ['file'], properties: [new OA\Property('file', type: 'string', format: 'binary')]),
    ))]
    public function text(Request $request, PageFile $files): JsonResponse
    {
        $file = $request->files->get('file');

        return Reply::with(new PageTextView($files->text($file instanceof UploadedFile ? $file : null)));
    }
}
