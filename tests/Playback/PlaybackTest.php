<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Playback;

use PHPUnit\Framework\Attributes\DataProvider;
use Psr\Log\NullLogger;
use Rigger\App\Playback\Output;
use Rigger\App\Playback\Requests;
use Rigger\App\Playback\RigsAtHand;
use Rigger\App\Playback\Seats;
use Rigger\App\Playback\Streams;
use Rigger\App\Playback\Web\Connection;
use Rigger\App\Problem\ProblemListener;
use Rigger\App\Tests\Support\ApiTestCase;
use Rigger\App\Tests\Support\FakeSocket;
use Rigger\App\Tests\Support\ManualLoop;
use Rigger\Core\Playback\Frame;

/** The playback process as windows meet it: seats, moments, and what goes wrong. */
final class PlaybackTest extends ApiTestCase
{
    private const OWN = "Sec-Fetch-Site: same-origin\r\n";

    private ManualLoop $loop;
    private Seats $seats;
    private Requests $requests;
    /** @var list<array{string, Frame}> what went out, by rig */
    private array $out = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->loop = new ManualLoop();
        $output = new class(function (string $rig, Frame $frame): void {
            $this->out[] = [$rig, $frame];
        }) implements Output {
            /** @param \Closure(string, Frame): void $take */
            public function __construct(private \Closure $take)
            {
            }

            public function of(string $rigId, int $universe): \Closure
            {
                return fn (Frame $frame) => ($this->take)($rigId, $frame);
            }
        };
        $rigs = self::getContainer()->get(RigsAtHand::class);
        $problems = self::getContainer()->get(ProblemListener::class);
        $this->seats = new Seats($rigs, $this->loop, new NullLogger(), $this->loop, $output);
        $this->requests = new Requests($this->seats, new Streams($this->loop), $problems);
    }

    private static function id(int $number): string
    {
        return \sprintf('01a209e6-9040-7380-9572-%012d', $number);
    }

    private function stream(int $number): FakeSocket
    {
        $socket = new FakeSocket();
        new Connection($socket, $this->requests->answer(...));
        $socket->emit('data', ['GET /play/streams/'.self::id($number)." HTTP/1.1\r\nHost: x\r\n\r\n"]);

        return $socket;
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array{int, array<string, mixed>} status and answer
     */
    private function say(string $path, array $body, string $headers = self::OWN): array
    {
        return $this->play('POST', $path, (string) json_encode((object) $body), $headers);
    }

    /** @return array{int, array<string, mixed>} */
    private function play(string $method, string $path, string $body, string $headers = self::OWN): array
    {
        $socket = new FakeSocket();
        new Connection($socket, $this->requests->answer(...));
        $request = $method.' /play/'.$path." HTTP/1.1\r\nHost: x\r\n".$headers.'Content-Length: '.\strlen($body)."\r\n\r\n".$body;
        // It comes in pieces, as the network likes.
        foreach (str_split($request, 37) as $piece) {
            $socket->emit('data', [$piece]);
        }
        self::assertSame(1, preg_match('~^HTTP/1\.1 (\d{3}) ~', $socket->written, $found), $socket->written);
        [, $answer] = explode("\r\n\r\n", $socket->written, 2);

        return [(int) $found[1], '' === $answer ? [] : (array) json_decode($answer, true, 64, \JSON_THROW_ON_ERROR)];
    }

    /**
     * @param list<array<string, mixed>> $said
     *
     * @return list<array<string, mixed>>
     */
    private static function members(array $said, string $member): array
    {
        return array_map(static fn (array $one): array => (array) ($one[$member] ?? []), $said);
    }

    /** @param array<string, mixed> ...$commands */
    private function do(string $seat, int $number, array ...$commands): int
    {
        return $this->say('seats/'.$seat.'/commands', ['window' => 'w', 'number' => $number, 'commands' => $commands])[0];
    }

    /** @return array{string, FakeSocket} rig and seat, and what its window hears */
    private function seated(): array
    {
        $seat = $this->demoRig().'/'.self::id(9);
        $heard = $this->stream(1);
        self::assertSame(204, $this->say('seats/'.$seat, ['stream' => self::id(1), 'window' => 'w'])[0]);

        return [$seat, $heard];
    }

    public function testWhoSitsDownIsToldTheWholeMoment(): void
    {
        [$seat, $heard] = $this->seated();
        [$whole] = $heard->said();
        $rig = $this->ask('GET', '/api/rigs/'.strtok($seat, '/'));
        self::assertTrue($whole['whole']);
        self::assertSame(array_column($rig['units'], 'id'), $whole['units']);
        self::assertSame($rig['looks'][0]['id'], $whole['standing']['recalled']);
        self::assertSame(180, $whole['sent']['1']);
        self::assertSame([0, 'lit'], \array_slice($whole['lamps'][0], 0, 2));
        self::assertCount(14, $whole['lamps']);
    }

    public function testACommandMakesAFrameAtOnceAfterQuietElseAGapAfterTheLast(): void
    {
        [$seat, $heard] = $this->seated();
        $heard->take();
        $this->loop->pass(0.1);
        self::assertSame(204, $this->do($seat, 1, ['do' => 'move-faders', 'slots' => ['1' => 0]]));
        $first = $heard->said();
        self::assertCount(1, $first);
        self::assertSame([[0, 'dark'], [1, 'dark']], array_map(static fn (array $lamp): array => \array_slice($lamp, 0, 2), $first[0]['lamps']));
        self::assertSame([['1' => 0], ['1' => 0], ['w' => 1]], [$first[0]['sent'], $first[0]['standing']['slots'], $first[0]['taken']]);
        // A flood: the newest of each fader is in the one frame that follows.
        for ($number = 2; $number < 200; ++$number) {
            $this->do($seat, $number, ['do' => 'move-faders', 'slots' => ['2' => $number]]);
        }
        $this->loop->pass(0.0249);
        self::assertSame([], $heard->said());
        $this->loop->pass(0.0001);
        $second = $heard->said();
        self::assertSame([[199], [['w' => 199]]], [array_column(array_column($second, 'sent'), 2), array_column($second, 'taken')]);
        $this->loop->pass(10);
        self::assertSame([], $heard->said(), 'and nothing comes by itself');
    }

    public function testFortyFramesASecondAtMostAndNoDrift(): void
    {
        [$seat, $heard] = $this->seated();
        $this->loop->pass(1.0);
        $heard->take();
        $number = 0;
        for ($turn = 0; $turn < 2999; ++$turn) {
            $this->do($seat, ++$number, ['do' => 'move-faders', 'slots' => ['1' => $turn % 256]]);
            $this->loop->pass(0.001);
        }
        self::assertCount(120, $heard->said());
    }

    public function testWhatALaterRequestHadIsNotDoneAgainByAnEarlierOne(): void
    {
        [$seat, $heard] = $this->seated();
        $this->do($seat, 2, ['do' => 'move-faders', 'slots' => ['1' => 22]]);
        self::assertSame(204, $this->do($seat, 1, ['do' => 'move-faders', 'slots' => ['1' => 11]]));
        $this->loop->pass(1.0);
        self::assertSame(22, array_column($heard->said(), 'sent')[1][1]);
    }

    public function testWhatGoesByItselfGoesWhileSomebodyLooks(): void
    {
        [$seat, $heard] = $this->seated();
        $this->loop->pass(1.0);
        $heard->take();
        $this->do($seat, 1, ['do' => 'try-fader', 'kind' => 'blink', 'address' => 1]);
        $this->loop->pass(3.2);
        self::assertSame([255, 0, 255, 0, 255, 0, 255], array_column(array_column($heard->said(), 'sent'), 1));
        $heard->close();
        $this->loop->pass(60.0);
        $back = $this->stream(1);
        $this->say('seats/'.$seat, ['stream' => self::id(1), 'window' => 'w']);
        self::assertSame('blink', $back->said()[0]['standing']['trial']['kind'], 'and is there again for who comes back');
        $this->loop->pass(1.0);
        self::assertCount(2, $back->said());
    }

    public function testTwoWindowsShareASeatAndOnePlaysAlong(): void
    {
        [$seat, $one] = $this->seated();
        $two = $this->stream(2);
        $this->say('seats/'.$seat, ['stream' => self::id(2), 'window' => 'v', 'standing' => ['master' => 3]]);
        self::assertSame(255, $two->said()[0]['standing']['master'], 'who comes second finds the seat as it is');
        $one->take();
        $this->do($seat, 1, ['do' => 'set-master', 'value' => 100]);
        foreach ([$one, $two] as $heard) {
            self::assertSame(100, self::members($heard->said(), 'standing')[0]['master']);
        }
        [, $list] = $this->play('GET', 'seats/'.strtok($seat, '/'), '');
        self::assertSame([['seat' => self::id(9), 'windows' => 2, 'output' => false]], $list['seats']);
        $this->say('seats/'.$seat.'/leave', ['window' => 'v']);
        [, $list] = $this->play('GET', 'seats/'.strtok($seat, '/'), '');
        self::assertSame(1, $list['seats'][0]['windows']);
    }

    public function testASeatIsAsItsWindowLeftItEvenWhenTheProcessIsNew(): void
    {
        $seat = $this->demoRig().'/'.self::id(9);
        $heard = $this->stream(1);
        $standing = ['slots' => ['1' => 9], 'secondRow' => (object) [], 'master' => 77, 'blackout' => true, 'recalled' => null];
        $this->say('seats/'.$seat, ['stream' => self::id(1), 'window' => 'w', 'standing' => $standing]);
        $now = $heard->said()[0]['standing'];
        self::assertSame([['1' => 9], 77, true], [$now['slots'], $now['master'], $now['blackout']]);
        // A window that went on alone meanwhile knows better than the seat.
        $this->say('seats/'.$seat, ['stream' => self::id(1), 'window' => 'w', 'standing' => ['master' => 5], 'changed' => true]);
        $this->loop->pass(0.1);
        self::assertSame(5, array_column(array_column($heard->said(), 'standing'), 'master')[1] ?? null);
    }

    public function testARigThatChangesIsTakenOverAndOneThatGoesEndsItsSeats(): void
    {
        [$seat, $heard] = $this->seated();
        $id = (string) strtok($seat, '/');
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $this->do($seat, 1, ['do' => 'set-master', 'value' => 200]);
        $heard->take();
        $this->change($id, 1, ['do' => 'move-units', 'units' => [self::unit($rig, 'Drum 1')['id']], 'to' => '300']);
        $this->seats->changed($id);
        $this->loop->pass(0.1);
        [$whole] = $heard->said();
        self::assertSame([2, true, 200], [$whole['version'], $whole['whole'], $whole['standing']['master']]);
        self::assertSame(['dark', 'lit'], [$whole['lamps'][0][1], $whole['lamps'][1][1]]);
        $this->ask('DELETE', '/api/rigs/'.$id, null, 204);
        $this->seats->changed($id);
        self::assertSame([['seat' => self::id(9), 'gone' => true]], $heard->said());
        self::assertSame([404, 'no_such_seat'], $this->refusal($seat.'/words'));
        self::assertSame(404, $this->say('seats/'.$seat, ['stream' => self::id(1), 'window' => 'w'])[0]);
    }

    /** @return array{int, string} */
    private function refusal(string $path): array
    {
        [$status, $problem] = $this->play('GET', 'seats/'.$path, '');

        return [$status, (string) ($problem['type'] ?? '')];
    }

    public function testAWindowThatDoesNotReadIsToldTheWholeWhenItDoes(): void
    {
        [$seat, $heard] = $this->seated();
        $heard->take();
        $heard->isFull = true;
        for ($number = 1; $number <= 50; ++$number) {
            $this->do($seat, $number, ['do' => 'set-master', 'value' => $number]);
            $this->loop->pass(0.05);
        }
        self::assertCount(1, $heard->said(), 'nothing waits for it');
        $heard->read();
        [$whole] = $heard->said();
        self::assertSame([true, 50], [$whole['whole'], $whole['standing']['master']]);
        $this->do($seat, 51, ['do' => 'set-master', 'value' => 51]);
        $this->loop->pass(0.05);
        self::assertArrayNotHasKey('whole', $heard->said()[0]);
    }

    public function testReasonsAreThoseOfTheMomentThatIsNamed(): void
    {
        [$seat, $heard] = $this->seated();
        $this->do($seat, 1, ['do' => 'move-faders', 'slots' => ['1' => 0]]);
        $n = array_column($heard->said(), 'n')[1];
        [, $said] = $this->play('GET', 'seats/'.$seat.'/words', '');
        $drum = self::unit($this->ask('GET', '/api/rigs/'.strtok($seat, '/')), 'Drum 1')['id'];
        self::assertSame([$n, 'Dimmer (1) at 0 is down. Full is 255.'], [$said['n'], $said['words'][$drum]]);
    }

    public function testOneSeatAtATimeDrivesTheOutput(): void
    {
        [$seat, $heard] = $this->seated();
        $other = strtok($seat, '/').'/'.self::id(8);
        $there = $this->stream(2);
        $this->say('seats/'.$other, ['stream' => self::id(2), 'window' => 'v']);
        self::assertSame(204, $this->say('seats/'.$seat.'/output', ['on' => true])[0]);
        self::assertCount(1, $this->out);
        $this->do($seat, 1, ['do' => 'set-blackout', 'on' => true]);
        self::assertSame([], end($this->out)[1]->slots(1));
        $heard->take();
        $there->take();
        $this->say('seats/'.$other.'/output', ['on' => true]);
        self::assertSame([['seat' => self::id(9), 'output' => false]], $heard->said());
        self::assertSame([['seat' => self::id(8), 'output' => true]], $there->said());
        $this->loop->pass(1.0);
        $count = \count($this->out);
        $this->do($seat, 2, ['do' => 'set-blackout', 'on' => false]);
        $this->loop->pass(1.0);
        self::assertCount($count, $this->out, 'the one before is heard no more');
        $this->say('seats/'.$other.'/output', ['on' => false]);
        $this->say('seats/'.$other.'/commands', ['window' => 'v', 'number' => 1, 'commands' => [['do' => 'clear-faders']]]);
        $this->loop->pass(1.0);
        self::assertCount($count, $this->out);
    }

    public function testWindowsThatDoNotComeBackAreForgottenAfterADay(): void
    {
        [$seat, $heard] = $this->seated();
        $heard->close();
        $this->loop->pass(86_000.0);
        self::assertSame(200, $this->play('GET', 'seats/'.$seat.'/words', '')[0]);
        $this->loop->pass(600.0);
        self::assertSame(404, $this->play('GET', 'seats/'.$seat.'/words', '')[0]);
    }

    /** @return iterable<string, array{string, string, array<string, mixed>, string, int, string}> method, path, body, headers, status, type */
    public static function refusals(): iterable
    {
        $body = ['window' => 'w', 'number' => 1, 'commands' => []];
        yield 'from another site' => ['POST', '/commands', $body, "Origin: http://elsewhere\r\nX-Page-Origin: http://here\r\n", 403, 'other_site'];
        yield 'from nowhere' => ['POST', '/commands', $body, '', 403, 'other_site'];
        yield 'no such thing' => ['POST', '/dance', $body, self::OWN, 404, 'not_found'];
        yield 'another method' => ['PUT', '/commands', $body, self::OWN, 405, 'not_allowed'];
        yield 'another member' => ['POST', '/commands', $body + ['x' => 1], self::OWN, 422, 'invalid'];
        yield 'no number' => ['POST', '/commands', ['window' => 'w', 'commands' => []], self::OWN, 422, 'invalid'];
        yield 'a look that is gone' => [
            'POST',
            '/commands',
            ['commands' => [['do' => 'recall-look', 'look' => 'x']]] + $body,
            self::OWN,
            422,
            'invalid',
        ];
        yield 'a stream that is not open' => ['POST', '', ['stream' => self::id(77), 'window' => 'w'], self::OWN, 409, 'no_stream'];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('refusals')]
    public function testRefusesInWords(string $method, string $path, array $body, string $headers, int $status, string $type): void
    {
        [$seat, $heard] = $this->seated();
        $heard->take();
        [$given, $problem] = $this->play($method, 'seats/'.$seat.$path, (string) json_encode((object) $body), $headers);
        self::assertSame([$status, $type], [$given, $problem['type']]);
        self::assertNotSame('', $problem['detail']);
        $this->loop->pass(1.0);
        self::assertSame([], $heard->said());
    }

    public function testARigThatIsNotThereHasNoSeats(): void
    {
        $this->stream(1);
        [$status, $problem] = $this->say('seats/'.self::id(5).'/'.self::id(9), ['stream' => self::id(1), 'window' => 'w']);
        self::assertSame([404, 'not_found'], [$status, $problem['type']]);
        self::assertSame(422, $this->play('POST', 'seats/'.self::id(5).'/'.self::id(9), '{nonsense')[0]);
    }

    public function testSeveralRequestsComeOnOneConnectionAndGarbageClosesIt(): void
    {
        [$seat] = $this->seated();
        $socket = new FakeSocket();
        new Connection($socket, $this->requests->answer(...));
        $one = "GET /play/seats/{$seat}/words HTTP/1.1\r\nHost: x\r\n\r\n";
        $socket->emit('data', [$one.$one.substr($one, 0, 20)]);
        self::assertSame(2, substr_count($socket->take(), 'HTTP/1.1 200 OK'));
        $socket->emit('data', [substr($one, 20)]);
        self::assertSame(1, substr_count($socket->take(), 'HTTP/1.1 200 OK'));
        $socket->emit('data', ["\x16\x03\x01 hello\r\n\r\n"]);
        self::assertTrue($socket->isClosed);
        $large = new FakeSocket();
        new Connection($large, $this->requests->answer(...));
        $large->emit('data', [str_repeat('x', 1_200_000)]);
        self::assertTrue($large->isClosed);
    }
}
