<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk;

use OpenApi\Attributes as OA;
use Rigger\App\Http\Answers;
use Rigger\App\Http\Reply;
use Rigger\App\Rig\PlayedRigs;
use Rigger\App\Rig\View\LiveView;
use Rigger\Core\Input\Json;
use Rigger\Core\Input\Members;
use Rigger\Core\Playback\CommandReader;
use Rigger\Core\Playback\Commands;
use Rigger\Core\Playback\State;
use Rigger\Core\Playback\StateReader;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/**
 * The live answer: one moment of a seat, kept by nobody. It changes nothing, and stands in for the playback process while that
 * one is away.
 *
 * With `standing` and `commands` it says where everything stands after them; with `slots` the values are those that are sent.
 */
final readonly class LiveController
{
    public function __construct(private PlayedRigs $played)
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
        new OA\Property('standing', ref: '#/components/schemas/Standing'),
        new OA\Property('commands', type: 'array', items: new OA\Items(ref: '#/components/schemas/Command')),
    ]))]
    public function __invoke(Uuid $rig, Request $request): JsonResponse
    {
        $in = Members::of(Json::decode($request->getContent()), ['slots', 'standing', 'commands']);
        [$version, $stage] = $this->played->get($rig);
        $state = match (true) {
            $in->has('slots') => (new State())->sending($in->slots('slots')),
            $in->has('standing') => StateReader::read(Members::open($in->raw('standing'), 'standing')),
            default => State::start($stage),
        };
        $commands = $in->has('commands') ? CommandReader::readAll($in, 'commands') : [];

        return Reply::with(LiveView::of($version, $stage, Commands::apply($commands, $state, $stage)));
    }
}
