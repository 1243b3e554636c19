<?php

declare(strict_types=1);

namespace Rigger\App\Http\Looks;

use OpenApi\Attributes as OA;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Rig\View\MixView;
use Rigger\Core\Colour\SaidColour;
use Rigger\Core\Colour\Uv;
use Rigger\Core\Input\Json;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** How units show a colour, and how near each comes. It changes nothing. */
final readonly class MixController
{
    private const MOST_UNITS = 200;

    public function __construct(private CoreRigs $rigs)
    {
    }

    #[Route('/api/rigs/{rig}/looks/mix', methods: 'POST'), Answers(MixView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['units'], properties: [
        new OA\Property('units', type: 'array', items: new OA\Items(type: 'string', format: 'uuid')),
        new OA\Property('colour', description: 'As in light-units, or a place of the diagram: {"u","v"}', type: 'object', properties: [
            new OA\Property('hex', type: 'string'),
            new OA\Property('x', type: 'number'),
            new OA\Property('y', type: 'number'),
            new OA\Property('kelvin', type: 'number'),
            new OA\Property('duv', type: 'number'),
            new OA\Property('u', type: 'number'),
            new OA\Property('v', type: 'number'),
        ]),
    ]))]
    public function __invoke(Uuid $rig, Request $request): JsonResponse
    {
        $in = Members::of(Json::decode($request->getContent()), ['units', 'colour']);
        $ids = $in->each('units', Scalars::text(...), self::MOST_UNITS);
        $core = $this->rigs->get($rig);

        return Reply::with(MixView::of(
            array_map($core->unit(...), $ids),
            $in->has('colour') ? self::colour(Members::open($in->raw('colour'), 'colour'), $in->raw('colour')) : null,
        ));
    }

    private static function colour(Members $in, mixed $raw): SaidColour
    {
        if (!$in->has('u') && !$in->has('v')) {
            return SaidColour::read($raw, 'colour');
        }
        $in->allow(['u', 'v']);

        return SaidColour::of((new Uv($in->number('u', 0, 1), $in->number('v', 0, 1)))->held());
    }
}
