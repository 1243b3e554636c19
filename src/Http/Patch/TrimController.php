<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch;

use OpenApi\Attributes as OA;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Repository\Rigs;
use Rigger\App\Rig\RigEditor;
use Rigger\App\Rig\Snapshot;
use Rigger\App\Rig\SnapshotLoader;
use Rigger\App\Rig\Trimming;
use Rigger\App\Rig\View\RigView;
use Rigger\App\Rig\View\TravelView;
use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Input\Json;
use Rigger\Core\Input\Members;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Curves and limits of a unit's channels. */
#[Route('/api/rigs/{rig}/fixtures/{id}/curve')]
final readonly class TrimController
{
    /** What the curve would do to the fader's travel. */
    #[Route('/preview', methods: 'POST'), Answers(TravelView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['curve'], properties: [new OA\Property('curve', type: 'object')]))]
    public function preview(Uuid $rig, string $id, Request $request, Rigs $rigs, SnapshotLoader $loader): JsonResponse
    {
        $in = Members::of(Json::decode($request->getContent()), ['curve']);
        $curve = ChannelCurve::read($in->raw('curve'), 'curve');

        return Reply::with(Trimming::preview($loader->load($rigs->get($rig)), $id, $curve));
    }

    /** Takes the curve, or with "curve" null takes it off: {"version","channel","forType","curve"}. */
    #[Route('', methods: 'PUT'), Answers(RigView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['version', 'channel', 'forType', 'curve'], properties: [new OA\Property('version', type: 'integer'), new OA\Property('channel', type: 'integer'), new OA\Property('forType', type: 'boolean'), new OA\Property('curve', type: 'object', nullable: true)]))]
    public function bend(Uuid $rig, string $id, Request $request, RigEditor $editor, Trimming $trimming): JsonResponse
    {
        $in = Members::of(Json::decode($request->getContent()), ['version', 'channel', 'forType', 'curve']);
        $version = $in->whole('version');
        $channel = $in->whole('channel', 1, 512);
        $isForType = $in->flag('forType');
        $curve = $in->isNull('curve') ? null : ChannelCurve::read($in->raw('curve'), 'curve');

        return Reply::with($editor->edit($rig, $version, static fn (Snapshot $snapshot): string => null === $curve
            ? $trimming->straighten($snapshot, $id, $channel, $isForType)
            : $trimming->bend($snapshot, $id, $curve, $isForType)));
    }
}
