<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Rigger\App\Tests\Support\ApiTestCase;

final class JournalTest extends ApiTestCase
{
    /**
     * Every kind of change of stages 2 to 6.
     *
     * @return list<callable(array<string, mixed>): array{string, string, array<string, mixed>}> each gives method, path below the rig, body
     */
    private static function changes(string $deskId): array
    {
        $chart = json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/demo/fixtures/marram-drum-6.json'), true);
        self::assertIsArray($chart);
        $chart['modes'][1]['channels'][0]['label'] = 'Level';
        $fixture = static fn (array $rig, string $name): string => self::fixture($rig, $name)['id'];

        return [
            static fn (array $rig): array => ['PUT', '/types/'.self::fixture($rig, 'Drum 1')['typeId'].'/chart', ['revision' => 1, 'chart' => $chart]],
            static fn (array $rig): array => ['POST', '/types/'.self::fixture($rig, 'Drum 1')['typeId'].'/take', []],
            static fn (array $rig): array => ['POST', '/types', ['maker' => 'Marram', 'model' => 'Drum 12', 'kind' => 'wash']],
            static fn (array $rig): array => ['POST', '/fixtures', ['typeId' => self::fixture($rig, 'Tape')['typeId'], 'mode' => 'three', 'count' => 3, 'name' => 'Ribbon']],
            static fn (array $rig): array => ['PATCH', '/fixtures/'.$fixture($rig, 'Pack A'), ['address' => '2/7']],
            static fn (array $rig): array => ['PATCH', '/fixtures/'.$fixture($rig, 'Panel'), ['name' => 'Table']],
            static fn (array $rig): array => ['PATCH', '/fixtures/'.$fixture($rig, 'Batten'), ['mode' => 'eight']],
            static fn (array $rig): array => ['PATCH', '/fixtures/'.$fixture($rig, 'Haar'), ['number' => '92']],
            static fn (array $rig): array => ['PATCH', '/fixtures/'.$fixture($rig, 'Haar'), ['groups' => 'Air, Upstage']],
            static fn (array $rig): array => ['PATCH', '/fixtures/'.$fixture($rig, 'Haar'), ['note' => '']],
            static fn (array $rig): array => ['PATCH', '/fixtures/'.$fixture($rig, 'Haar'), ['tape' => 'grey']],
            static fn (array $rig): array => ['PATCH', '/fixtures/'.$fixture($rig, 'Haar'), ['isLocked' => true]],
            static fn (array $rig): array => ['PATCH', '/fixtures/'.$fixture($rig, 'Haar'), ['isSet' => true]],
            static fn (array $rig): array => ['PATCH', '/fixtures/'.$fixture($rig, 'Haar'), ['isProved' => true]],
            static fn (array $rig): array => ['PATCH', '/fixtures/'.$fixture($rig, 'Spin L'), ['tilt' => 'software']],
            static fn (array $rig): array => ['PUT', '/fixtures/'.$fixture($rig, 'Spin L').'/curve', ['channel' => 6, 'forType' => false, 'curve' => ['channel' => 6, 'shape' => 's', 'min' => 0, 'max' => 118, 'bound' => 'scale']]],
            static fn (array $rig): array => ['PUT', '/fixtures/'.$fixture($rig, 'Drum 1').'/curve', ['channel' => 1, 'forType' => true, 'curve' => ['channel' => 1, 'shape' => 'square', 'bound' => 'scale']]],
            static fn (array $rig): array => ['PUT', '/fixtures/'.$fixture($rig, 'Drum 2').'/curve', ['channel' => 1, 'forType' => true, 'curve' => null]],
            static fn (array $rig): array => ['POST', '/fixtures/'.$fixture($rig, 'Pack B').'/swap', ['typeId' => self::fixture($rig, 'Spin L')['typeId'], 'mode' => 'eleven', 'makesRoom' => true]],
            static fn (array $rig): array => ['POST', '/stage-plan/put', ['fixtureIds' => [$fixture($rig, 'Drum 1'), $fixture($rig, 'Drum 2')], 'x' => -2.0, 'y' => 1.0]],
            static fn (array $rig): array => ['PUT', '/stage-plan/units/'.$fixture($rig, 'Drum 3'), ['x' => 1.0, 'y' => 1.5]],
            static fn (array $rig): array => ['PUT', '/stage-plan/units/'.$fixture($rig, 'Drum 4'), []],
            static fn (array $rig): array => ['POST', '/stage-plan/by-words', []],
            static fn (array $rig): array => ['POST', '/stage-plan/line-up', ['fixtureIds' => [$fixture($rig, 'Drum 1'), $fixture($rig, 'Drum 3')], 'how' => 'row']],
            static fn (array $rig): array => ['POST', '/stage-plan/supports', ['kind' => 'stand', 'name' => 'stand, bar', 'height' => 2.0, 'fromX' => 4.0, 'fromY' => -2.0, 'toX' => 0.0, 'toY' => 0.0]],
            static fn (array $rig): array => ['PUT', '/stage-plan/supports/'.self::named($rig['supports'], 'mid beam')['id'], ['kind' => 'beam', 'name' => 'upper beam', 'height' => 3.0, 'fromX' => -4.0, 'fromY' => 2.0, 'toX' => 4.0, 'toY' => 3.0]],
            static fn (array $rig): array => ['POST', '/stage-plan/supports/'.self::named($rig['supports'], 'front beam')['id'].'/remove', []],
            static fn (array $rig): array => ['POST', '/fixtures/'.$fixture($rig, 'Spin R').'/remove', []],
            static fn (array $rig): array => ['POST', '/links', ['kit' => 'Loon Pair', 'label' => 'Gallery']],
            static fn (array $rig): array => ['PUT', '/fixtures/'.$fixture($rig, 'Haar').'/link', ['linkId' => self::named($rig['links'], 'Gallery')['id'], 'receiver' => '2-1']],
            static fn (array $rig): array => ['PATCH', '/links/'.self::named($rig['links'], 'Booth left')['id'], ['name' => 'Gorse']],
            static fn (array $rig): array => ['PATCH', '/links/'.self::named($rig['links'], 'Booth left')['id'], ['label' => 'Left']],
            static fn (array $rig): array => ['POST', '/links/'.self::named($rig['links'], 'Left')['id'].'/remove', []],
            static fn (array $rig): array => ['PUT', '/desk', ['deskId' => $deskId]],
            static fn (array $rig): array => ['POST', '/looks', ['name' => 'Ebb', 'bank' => 3, 'number' => 1, 'slots' => ['1' => 200, '7' => 255]]],
            static fn (array $rig): array => ['PATCH', '/looks/'.self::named($rig['looks'], 'Ebb')['id'], ['slots' => ['1' => 10]]],
            static fn (array $rig): array => ['PATCH', '/looks/'.self::named($rig['looks'], 'Ebb')['id'], ['bank' => 4, 'number' => 2]],
            static fn (array $rig): array => ['PATCH', '/looks/'.self::named($rig['looks'], 'Ebb')['id'], ['name' => 'Neap']],
            static fn (array $rig): array => ['POST', '/looks/'.self::named($rig['looks'], 'House')['id'].'/remove', []],
            static fn (array $rig): array => ['PATCH', '', ['name' => 'The Tidekeeper, touring']],
        ];
    }

    public function testUndoTakesBackEveryKindOfChangeAndRedoMakesItAgain(): void
    {
        $id = $this->demoRig();
        $path = '/api/rigs/'.$id;
        $desk = $this->bring('desks/skiff-24')['id'];
        $states = [self::told($this->ask('GET', $path))];
        foreach (self::changes($desk) as $change) {
            $rig = $this->ask('GET', $path);
            [$method, $where, $body] = $change($rig);
            $this->ask($method, $path.$where, ['version' => $rig['version']] + $body);
            $after = $this->ask('GET', $path);
            self::assertSame($rig['version'] + 1, $after['version'], $method.$where);
            self::assertNotNull($after['undo']);
            $states[] = self::told($after);
        }
        $last = \count($states) - 1;
        $rig = $this->ask('GET', $path);
        for ($at = $last - 1; $at >= 0; --$at) {
            $rig = $this->ask('POST', $path.'/undo', ['version' => $this->ask('GET', $path)['version']]);
            self::assertSame($states[$at], self::told($rig), 'undoing change '.$at.': '.$rig['redo']);
        }
        self::assertNull($rig['undo']);
        for ($at = 1; $at <= $last; ++$at) {
            $rig = $this->ask('POST', $path.'/redo', ['version' => $this->ask('GET', $path)['version']]);
            self::assertSame($states[$at], self::told($rig), 'redoing change '.$at.': '.$rig['undo']);
        }
        self::assertNull($rig['redo']);
        $history = $this->ask('GET', $path.'/changes');
        self::assertSame($last, $history['total']);
        self::assertSame('Renamed the rig to The Tidekeeper, touring', $history['changes'][0]['sentence']);
    }

    public function testSomethingNewForgetsWhatWasUndone(): void
    {
        $id = $this->demoRig();
        $path = '/api/rigs/'.$id;
        $rig = $this->ask('GET', $path);
        $tape = self::fixture($rig, 'Tape')['id'];
        $rig = $this->ask('PATCH', $path.'/fixtures/'.$tape, ['version' => $rig['version'], 'name' => 'Edge']);
        $rig = $this->ask('POST', $path.'/undo', ['version' => $rig['version']]);
        self::assertSame('Renamed Tape to Edge', $rig['redo']);
        $rig = $this->ask('PATCH', $path.'/fixtures/'.$tape, ['version' => $rig['version'], 'name' => 'Tide line']);
        self::assertNull($rig['redo']);
        $this->ask('POST', $path.'/redo', ['version' => $rig['version']], 409);
        self::assertSame([false, true], array_column($this->ask('GET', $path.'/changes')['changes'], 'undone'));
    }

    public function testALaterWriteThatNoLongerFitsIsToldWhatHappened(): void
    {
        $id = $this->demoRig();
        $path = '/api/rigs/'.$id;
        $rig = $this->ask('GET', $path);
        $pack = self::fixture($rig, 'Pack A')['id'];
        $this->ask('PATCH', $path.'/fixtures/'.$pack, ['version' => $rig['version'], 'address' => '99']);
        $problem = $this->ask('PATCH', $path.'/fixtures/'.$pack, ['version' => $rig['version'], 'address' => '141'], 409);
        self::assertSame(['version_moved', ['Moved Pack A from 1.085 to 1.099']], [$problem['type'], $problem['since']]);
        self::assertSame(99, self::fixture($this->ask('GET', $path), 'Pack A')['address']);
    }

    public function testAnUndoneChartThatAnotherRigHasChangedStays(): void
    {
        [$one, $other] = [$this->demoRig(), $this->demoRig()];
        $created = $this->ask('POST', '/api/rigs/'.$one.'/types', ['version' => 1, 'maker' => 'Skerry', 'model' => 'Mote', 'kind' => 'spot']);
        $chart = $this->ask('GET', '/api/types/'.$created['typeId'])['chart'];
        $this->ask('PUT', '/api/rigs/'.$other.'/types/'.$created['typeId'].'/chart', ['version' => 1, 'revision' => 1, 'chart' => ['watts' => 9] + $chart]);
        $problem = $this->ask('POST', '/api/rigs/'.$one.'/undo', ['version' => 2], 409);
        self::assertSame('changed_since', $problem['type']);
        self::assertSame(9, $this->ask('GET', '/api/types/'.$created['typeId'])['chart']['watts']);
    }

    /**
     * What a rig says of itself, aside from its count of changes.
     *
     * @param array<string, mixed> $rig
     *
     * @return array<string, mixed>
     */
    private static function told(array $rig): array
    {
        unset($rig['version'], $rig['undo'], $rig['redo']);

        return $rig;
    }
}
