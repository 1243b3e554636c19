<?php

declare(strict_types=1);

namespace Rigger\App\Playback;

use Psr\Http\Message\RequestInterface;
use Rigger\App\Guard\OwnPages;
use Rigger\App\Playback\Web\Answer;
use Rigger\App\Playback\Web\Connection;
use Rigger\App\Problem\Problem;
use Rigger\App\Problem\ProblemListener;
use Rigger\Core\Finding\LightWords;
use Rigger\Core\Input\Json;
use Rigger\Core\Input\Members;
use Rigger\Core\Playback\CommandReader;
use Rigger\Core\Playback\StateReader;

/**
 * What windows say to the playback process, all under /play:
 *
 *     GET  streams/{stream}                what its windows' seats show, as Server-Sent Events
 *     POST seats/{rig}/{seat}              {"stream", "window", "standing"?, "changed"?}: the window sits down there
 *     POST seats/{rig}/{seat}/commands     {"window", "number", "commands"}
 *     POST seats/{rig}/{seat}/leave        {"window"}
 *     POST seats/{rig}/{seat}/output       {"on"}: what is sent here goes to the stand-in for the real desk, and no other seat's
 *     GET  seats/{rig}/{seat}/words        which moment it is, and why each dark lamp is dark in it
 *     GET  seats/{rig}                     seats at which somebody sits
 */
final readonly class Requests
{
    private const UUID = '[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}';

    public function __construct(private Seats $seats, private Streams $streams, private ProblemListener $problems)
    {
    }

    /** @return Answer|null null when the connection is a stream from now on */
    public function answer(RequestInterface $request, Connection $connection): ?Answer
    {
        try {
            OwnPages::require(
                $request->getMethod(),
                $request->getHeaderLine('Origin'),
                $request->getHeaderLine('Sec-Fetch-Site'),
                $request->getHeaderLine('X-Page-Origin'),
            );

            return $this->route($request, $connection);
        } catch (\Throwable $error) {
            $response = $this->problems->response($error);

            return Answer::problem($response->getStatusCode(), (string) $response->getContent());
        }
    }

    private function route(RequestInterface $request, Connection $connection): ?Answer
    {
        $path = $request->getUri()->getPath();
        $isGet = 'GET' === $request->getMethod();
        if ($isGet && 1 === preg_match('~^/play/streams/('.self::UUID.')$~D', $path, $found)) {
            $this->streams->open($found[1], $connection->stream());

            return null;
        }
        if (1 !== preg_match('~^/play/seats/('.self::UUID.')(?:/('.self::UUID.')(?:/([a-z]+))?)?$~D', $path, $found)) {
            throw Problem::notFound('What you asked for');
        }
        [, $rig] = $found;
        $seat = $found[2] ?? null;
        $act = $found[3] ?? '';
        if ($isGet) {
            return match (true) {
                null === $seat => $this->list($rig),
                'words' === $act => $this->words($this->seats->get($rig, $seat)),
                default => throw Problem::notFound('What you asked for'),
            };
        }
        if ('POST' !== $request->getMethod() || null === $seat) {
            throw new Problem(405, 'not_allowed', 'Not possible', 'That cannot be done here.');
        }
        $in = Members::open(Json::decode((string) $request->getBody()));

        return match ($act) {
            '' => $this->take($rig, $seat, $in),
            'commands' => $this->do($rig, $seat, $in),
            'leave' => $this->leave($rig, $seat, $in),
            'output' => $this->drive($rig, $seat, $in),
            default => throw Problem::notFound('What you asked for'),
        };
    }

    private function take(string $rig, string $seat, Members $in): Answer
    {
        $in->allow(['stream', 'window', 'standing', 'changed']);
        $standing = $in->has('standing') ? StateReader::read(Members::open($in->raw('standing'), 'standing')) : null;
        $stream = $this->streams->get($in->text('stream'));
        $taken = $this->seats->take($rig, $seat, $standing);
        if (null !== $standing && $in->has('changed') && $in->flag('changed')) {
            $taken->stand($standing);
        }
        $taken->join($in->text('window'), $stream);

        return Answer::done();
    }

    private function do(string $rig, string $seat, Members $in): Answer
    {
        $in->allow(['window', 'number', 'commands']);
        $this->seats->get($rig, $seat)->do($in->text('window'), $in->whole('number', 1), CommandReader::readAll($in, 'commands'));

        return Answer::done();
    }

    private function leave(string $rig, string $seat, Members $in): Answer
    {
        $in->allow(['window']);
        $this->seats->get($rig, $seat)->leave($in->text('window'));

        return Answer::done();
    }

    private function drive(string $rig, string $seat, Members $in): Answer
    {
        $in->allow(['on']);
        $this->seats->drive($this->seats->get($rig, $seat), $in->flag('on'));

        return Answer::done();
    }

    private function words(RunningSeat $seat): Answer
    {
        [$n, $lamps] = $seat->moment();
        $words = [];
        foreach ($lamps as $lamp) {
            if ([] !== $lamp->causes) {
                $words[$lamp->id] = LightWords::why($lamp->causes, $lamp->name);
            }
        }

        return Answer::with(['n' => $n, 'words' => (object) $words]);
    }

    private function list(string $rig): Answer
    {
        return Answer::with(['seats' => array_map(static fn (RunningSeat $seat): array => [
            'seat' => $seat->id,
            'windows' => $seat->windowCount(),
            'output' => $seat->isDriving(),
        ], $this->seats->at($rig))]);
    }
}
