<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk;

use OpenApi\Attributes as OA;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Rig\StageCache;
use Rigger\App\Rig\View\LampView;
use Rigger\App\Rig\View\LiveView;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Patch\Span;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** The live answer: fader values in, what every lamp does out. It changes nothing and sends nothing. */
final readonly class LiveController
{
    public function __construct(private StageCache $stages)
    {
    }

    #[Route('/api/rigs/{rig}/live', methods: 'POST'), Answers(LiveView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['slots'], properties: [new OA\Property('slots', description: 'Value 0 to 255 by address', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'))]))]
    public function __invoke(Uuid $rig, Request $request): JsonResponse
    {
        $slots = [];
        foreach (Members::of(Json::decode($request->getContent()), ['slots'])->named('slots') as $address => $value) {
            $number = (int) $address;
            if ($number < 1 || $number > Span::LAST_SLOT) {
                throw InputError::addressOutOfRange('slots.'.$address, $number);
            }
            $slots[$number] = Scalars::whole($value, 'slots.'.$address, 0, 255);
        }
        [$version, $stage] = $this->stages->get($rig);

        return Reply::with(new LiveView($version, array_map(LampView::of(...), $stage->lamps($slots))));
    }
}
