<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Rigger\App\Tests\Support\ApiTestCase;
use Rigger\App\Tests\Support\StandInProcess;

/** The simulated desk: what it sends for where it stands, walks over the rig, and the stand-in that others follow. */
final class DeskLiveTest extends ApiTestCase
{
    /**
     * @param array<string, mixed> $desk
     *
     * @return array<string, mixed>
     */
    private function live(string $rig, array $desk): array
    {
        return $this->ask('POST', '/api/rigs/'.$rig.'/live', ['standing' => $desk]);
    }

    /** @param array<string, mixed> $answer */
    private static function brightness(array $answer, string $name): float
    {
        return (float) self::named($answer['lamps'], $name)['cells'][0]['brightness'];
    }

    public function testMasterAndBlackoutStandOverEveryFader(): void
    {
        $id = $this->demoRig();
        $up = ['slots' => ['1' => 255, '2' => 255, '7' => 230]];
        self::assertSame(['1' => 255, '2' => 255, '7' => 230], $this->live($id, $up)['sent']);
        $half = $this->live($id, $up + ['master' => 128]);
        self::assertSame(['1' => 128, '2' => 128, '7' => 115], $half['sent']);
        // The master of this desk takes the shutter along: half of open is a flash.
        self::assertGreaterThan(0.0, self::named($half['lamps'], 'Drum 1')['cells'][0]['flash']);
        $dark = $this->live($id, $up + ['blackout' => true]);
        self::assertSame([[], 0.0], [$dark['sent'], self::brightness($dark, 'Drum 1')]);
    }

    public function testAMasterOfDimmersAloneLeavesColoursOfUnitsWithoutOne(): void
    {
        $id = $this->demoRig();
        $skiff = $this->bring('desks/skiff-24')['id'];
        $this->change($id, 1, ['do' => 'choose-desk', 'desk' => $skiff]);
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $tape = self::unit($rig, 'Tape')['id'];
        $this->change($id, 2, ['do' => 'move-units', 'units' => [$tape], 'to' => '11']);
        $answer = $this->live($id, ['slots' => ['1' => 255, '2' => 255, '7' => 230, '11' => 200], 'master' => 0]);
        self::assertSame(0.0, self::brightness($answer, 'Drum 1'));
        self::assertGreaterThan(0.0, self::brightness($answer, 'Tape'));
        self::assertSame(['2' => 255, '7' => 230, '11' => 200], $answer['sent']);
    }

    public function testTwoPresetsCrossfade(): void
    {
        $id = $this->demoRig();
        $this->change($id, 1, ['do' => 'choose-desk', 'desk' => $this->bring('desks/rowlock-12')['id']]);
        $this->change($id, 2, ['do' => 'join-rows', 'isWide' => false]);
        $rows = ['slots' => ['1' => 200], 'secondRow' => ['1' => 100, '2' => 60]];
        self::assertSame(['1' => 200], $this->live($id, $rows)['sent']);
        self::assertSame(['1' => 100, '2' => 60], $this->live($id, $rows + ['crossA' => 0, 'crossB' => 255])['sent']);
        self::assertSame(['1' => 150, '2' => 30], $this->live($id, $rows + ['crossA' => 128, 'crossB' => 127])['sent']);
        self::assertSame([], $this->live($id, $rows + ['crossA' => 0])['sent']);
    }

    public function testWhatNoFaderReachesRests(): void
    {
        $id = $this->demoRig();
        self::assertSame(['140' => 9], $this->live($id, ['slots' => ['140' => 9, '141' => 9]])['sent']);
        self::assertSame(['141' => 9], $this->ask('POST', '/api/rigs/'.$id.'/live', ['slots' => ['141' => 9]])['sent']);
    }

    public function testPositionsOutOfBoundsAreRefused(): void
    {
        $id = $this->demoRig();
        foreach ([
            [['master' => 256], 'standing.master'],
            [['blackout' => 1], 'standing.blackout'],
            [['secondRow' => ['600' => 1]], 'standing.secondRow.600'],
            [['speed' => 1], 'standing.speed'],
        ] as [$wrong, $path]) {
            self::assertSame(
                $path,
                $this->ask('POST', '/api/rigs/'.$id.'/live', ['standing' => ['slots' => []] + $wrong], 422)['violations'][0]['path'],
            );
        }
    }

    public function testAWalkByUnitsRaisesEachAloneAndShowsWhoAnswersBeside(): void
    {
        $id = $this->demoRig();
        $steps = $this->ask('GET', '/api/rigs/'.$id.'/desk/walk?by=units')['steps'];
        self::assertSame('Drum 1 and Drum 2', $steps[0]['words']);
        self::assertCount(11, $steps);
        $lit = function (array $step) use ($id): array {
            $lamps = $this->ask('POST', '/api/rigs/'.$id.'/live', ['slots' => $step['slots']])['lamps'];

            return array_column(
                array_filter($lamps, static fn (array $lamp): bool => array_sum(array_column($lamp['cells'], 'brightness')) > 0),
                'name',
            );
        };
        $answers = [];
        foreach ($steps as $step) {
            $answers[$step['words']] = $lit($step);
        }
        self::assertSame(['Drum 1', 'Drum 2'], $answers['Drum 1 and Drum 2']);
        self::assertSame(['Spin L'], $answers['Spin L']);
        // The demo's clash: Pack A stands on Batten's tail.
        self::assertSame(['Batten', 'Pack A'], $answers['Batten']);
    }

    public function testAWalkByFadersSaysWhereEachIs(): void
    {
        $id = $this->demoRig();
        $steps = $this->ask('GET', '/api/rigs/'.$id.'/desk/walk?by=faders')['steps'];
        self::assertSame(['Button 1, page inner, fader 1: Dimmer', 1], [$steps[0]['words'], $steps[0]['address']]);
        self::assertSame('Button 1, page outer, fader 1: Programs', $steps[7]['words']);
        $this->ask('GET', '/api/rigs/'.$id.'/desk/walk?by=noise', null, 422);
        $this->change($id, 1, ['do' => 'choose-desk', 'desk' => null]);
        $this->ask('GET', '/api/rigs/'.$id.'/desk/walk', null, 409);
    }

    public function testTheStandInRepeatsAndPassesOnWhatIsSent(): void
    {
        $standIn = StandInProcess::begin();
        try {
            [$rig, $other] = ['01a209e6-9040-7380-9572-3143ab270848', '01a209e6-9040-7380-9572-3143ab270849'];
            self::assertStringStartsWith('HTTP/1.1 404', $standIn->request("GET /stream/everything HTTP/1.1\r\n\r\n", 0.3));
            $standIn->send($rig, [1 => 255, 9 => 3]);
            $standIn->send($other, [2 => 1]);
            $heard = $standIn->request("GET /stream/{$rig} HTTP/1.1\r\nHost: x\r\n\r\n", 1.4);
            self::assertStringContainsString('Content-Type: text/event-stream', $heard);
            self::assertGreaterThanOrEqual(
                2,
                substr_count($heard, 'data: {"seq":1,"slots":{"1":255,"9":3}}'),
                'it repeats itself as a desk does',
            );
            self::assertStringNotContainsString('"2":1', $heard);

            $follower = $standIn->open("GET /stream/{$rig} HTTP/1.1\r\n\r\n");
            foreach (range(1, 30) as $value) {
                $standIn->send($rig, [1 => $value]);
            }
            $heard = $standIn->read($follower, 0.6);
            self::assertStringContainsString('"slots":{"1":30}', $heard, 'the newest arrives');
            self::assertLessThan(28, substr_count($heard, 'data:'), 'and no more often than forty times a second');
        } finally {
            $standIn->end();
        }
    }

    public function testOneClientCannotTakeAllPlaces(): void
    {
        $standIn = StandInProcess::begin();
        try {
            $rig = '01a209e6-9040-7380-9572-3143ab270848';
            $standIn->send($rig, [1 => 255]);
            $greedy = array_map(
                static fn (): mixed => $standIn->open("GET /stream/{$rig} HTTP/1.1\r\nX-Client: greedy\r\n\r\n"),
                range(1, 60),
            );
            usleep(300_000);
            $heard = $standIn->request("GET /stream/{$rig} HTTP/1.1\r\nX-Client: modest\r\n\r\n", 0.4);
            self::assertStringContainsString('"slots":{"1":255}', $heard);
            $open = array_filter($greedy, static function (mixed $stream): bool {
                stream_set_blocking($stream, false);
                stream_get_contents($stream);

                return !feof($stream);
            });
            self::assertGreaterThan(0, \count($open));
            self::assertLessThan(20, \count($open), 'and the greedy one keeps a few');
        } finally {
            $standIn->end();
        }
    }
}
