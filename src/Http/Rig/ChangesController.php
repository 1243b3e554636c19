<?php

declare(strict_types=1);

namespace Rigger\App\Http\Rig;

use OpenApi\Attributes as OA;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Rig\Door;
use Rigger\App\Rig\RigViews;
use Rigger\App\Rig\View\AnswerView;
use Rigger\Core\Change\ChangeReader;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Input\Members;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** The door: changes come in, what differs then goes out. */
final readonly class ChangesController
{
    public function __construct(private Door $door, private RigViews $views)
    {
    }

    /** All of the changes are made, as one entry of the history, or none. "undo" and "redo" stand alone. */
    #[Route('/api/rigs/{id}/changes', methods: 'POST'), Answers(AnswerView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/ChangeRequest'))]
    public function __invoke(Uuid $id, Request $request): JsonResponse
    {
        $in = Members::of(Json::decode($request->getContent()), ['base', 'changes']);
        $base = $in->whole('base');
        $done = match (self::travel($in)) {
            'undo' => $this->door->undo($id, $base),
            'redo' => $this->door->redo($id, $base),
            default => $this->door->change($id, $base, ChangeReader::readAll($in, 'changes')),
        };

        return Reply::with(new AnswerView(
            $done->after->version,
            $done->said,
            $done->made,
            $this->views->changed($done->before, $done->after),
        ));
    }

    /** "undo" or "redo", which are steps through the history and no changes of their own; null for changes. */
    private static function travel(Members $in): ?string
    {
        foreach ($in->items('changes') as $nth => $item) {
            $word = $item instanceof \stdClass ? $item->do ?? null : null;
            if (\in_array($word, ['undo', 'redo'], true)) {
                Members::of($item, ['do'], 'changes['.$nth.']');

                return 1 === \count($in->items('changes'))
                    ? $word
                    : throw InputError::because('not_a_choice', 'changes['.$nth.'].do', 'A step through the history stands alone.');
            }
        }

        return null;
    }
}
