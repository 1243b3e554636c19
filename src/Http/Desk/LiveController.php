<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk;

use OpenApi\Attributes as OA;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Rig\PlayedRigs;
use Rigger\App\Rig\View\LampView;
use Rigger\App\Rig\View\LiveView;
use Rigger\App\Simulate\DeskStream;
use Rigger\Core\Desk\DeskState;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Patch\Span;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/**
 * The live answer: values in, what every lamp does out. It changes nothing.
 *
 * With `slots` the values are those that are sent; with `desk` they are where its faders, cross faders and master stand, and what
 * is sent follows from that. With `stream` the stand-in for the real desk passes them on to the windows that follow.
 */
final readonly class LiveController
{
    public function __construct(private PlayedRigs $played, private DeskStream $stream)
    {
    }

    #[Route('/api/rigs/{rig}/live', methods: 'POST'), Answers(LiveView::class)]
    #[OA\RequestBody(content: new OA\JsonContent(properties: [
        new OA\Property(
            'slots',
            description: 'What is sent: value 0 to 255 by address',
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'integer'),
        ),
        new OA\Property('desk', description: 'Where the desk stands', type: 'object', required: ['slots'], properties: [
            new OA\Property(
                'slots',
                description: 'Its faders, by address; of a desk with two rows, the first',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'integer'),
            ),
            new OA\Property(
                'secondRow',
                description: 'The second row, by address',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'integer'),
            ),
            new OA\Property('master', type: 'integer'), new OA\Property('blackout', type: 'boolean'),
            new OA\Property('crossA', type: 'integer'), new OA\Property('crossB', type: 'integer'),
        ]),
        new OA\Property('stream', description: 'Also to the stand-in for the real desk', type: 'boolean'),
    ]))]
    public function __invoke(Uuid $rig, Request $request): JsonResponse
    {
        $in = Members::of(Json::decode($request->getContent()), ['slots', 'desk', 'stream']);
        $state = $in->has('desk') ? self::state($in) : null;
        $slots = null === $state ? self::values($in, 'slots') : [];
        $isStreamed = $in->has('stream') && $in->flag('stream');
        [$version, $stage] = $this->played->get($rig);
        $sent = null === $state ? $slots : $stage->sent($state);

        return Reply::with(new LiveView(
            $version,
            array_map(LampView::of(...), $stage->lamps($sent)),
            (object) array_filter($sent, static fn (int $one): bool => $one > 0),
            $isStreamed ? $this->stream->send((string) $rig, $sent) : null,
        ));
    }

    private static function state(Members $in): DeskState
    {
        $desk = Members::of($in->raw('desk'), ['slots', 'secondRow', 'master', 'blackout', 'crossA', 'crossB'], 'desk');

        return new DeskState(
            self::values($desk, 'slots'),
            $desk->has('secondRow') ? self::values($desk, 'secondRow') : [],
            $desk->wholeOr('master', 255, 0, 255),
            $desk->has('blackout') && $desk->flag('blackout'),
            $desk->wholeOr('crossA', 255, 0, 255),
            $desk->wholeOr('crossB', 0, 0, 255),
        );
    }

    /** @return array<int, int> */
    private static function values(Members $in, string $member): array
    {
        $values = [];
        foreach ($in->named($member) as $address => $value) {
            $number = (int) $address;
            $path = $in->path($member).'.'.$address;
            if ($number < 1 || $number > Span::LAST_SLOT) {
                throw InputError::addressOutOfRange($path, $number);
            }
            $values[$number] = Scalars::whole($value, $path, 0, 255);
        }

        return $values;
    }
}
