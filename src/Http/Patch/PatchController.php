<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch;

use OpenApi\Attributes as OA;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Patch\Input\CountPresses;
use Rigger\App\Http\Patch\Input\NumberRig;
use Rigger\App\Http\Reply;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Rig\LibraryWorld;
use Rigger\App\Rig\View\AddPreviewView;
use Rigger\App\Rig\View\FitView;
use Rigger\App\Rig\View\PlanView;
use Rigger\App\Rig\View\PressesView;
use Rigger\App\Rig\View\TravelView;
use Rigger\Core\Change\ChangeReader;
use Rigger\Core\Change\Unit\AddUnits;
use Rigger\Core\Change\Unit\Swap;
use Rigger\Core\Change\Unit\TypedCurve;
use Rigger\Core\Change\Unit\UsableMode;
use Rigger\Core\Input\Json;
use Rigger\Core\Input\Members;
use Rigger\Core\Judge\Patch\Numbering;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Questions about the patch: nothing changes by them. */
#[Route('/api/rigs/{rig}')]
final readonly class PatchController
{
    public function __construct(private CoreRigs $rigs, private LibraryWorld $world)
    {
    }

    /** What adding units would do. */
    #[Route('/units/preview', methods: 'POST'), Answers(AddPreviewView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/AddUnits'))]
    public function adding(Uuid $rig, Request $request): JsonResponse
    {
        $change = ChangeReader::read(Json::decode($request->getContent()), '');

        return Reply::with($change instanceof AddUnits
            ? AddPreviewView::of($change, $this->rigs->get($rig), $this->world)
            : throw Problem::at(
                'do',
                'not_a_choice',
                'This previews adding units alone.',
            ));
    }

    /** Another mode or type in its place: does it fit? */
    #[Route('/units/{id}/fit', methods: 'GET'), Answers(FitView::class)]
    public function fit(Uuid $rig, string $id, #[MapQueryParameter] string $mode, #[MapQueryParameter] ?string $type = null): JsonResponse
    {
        $core = $this->rigs->get($rig);
        $unit = $core->unit($id);

        return Reply::with(FitView::of($unit, UsableMode::of(Swap::revision($unit, $type, $this->world), $mode), $core));
    }

    /** What the display says of the unit, and how often to press which key from there. */
    #[Route('/units/{id}/presses', methods: 'POST'), Answers(PressesView::class)]
    public function presses(Uuid $rig, string $id, #[MapRequestPayload] CountPresses $input): JsonResponse
    {
        return Reply::with(PressesView::of($this->rigs->get($rig)->unit($id), $input->shown));
    }

    /** What a curve would do to the fader's travel, before it stands there. Its limits may be typed: "12%", "full". */
    #[Route('/units/{id}/curve/preview', methods: 'POST'), Answers(TravelView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['curve'], properties: [new OA\Property('curve', type: 'object')]))]
    public function curve(Uuid $rig, string $id, Request $request): JsonResponse
    {
        $in = Members::of(Json::decode($request->getContent()), ['curve']);

        $unit = $this->rigs->get($rig)->unit($id);

        return Reply::with(TravelView::of($unit, TypedCurve::read($in->raw('curve'), 'curve', $unit)));
    }

    /** A whole rig numbered: what the plan would do, and why each unit that moves has to. */
    #[Route('/plan/preview', methods: 'POST'), Answers(PlanView::class)]
    public function plan(Uuid $rig, #[MapRequestPayload] NumberRig $input): JsonResponse
    {
        return Reply::with(PlanView::of(Numbering::of($this->rigs->get($rig), $input->wish())));
    }
}
