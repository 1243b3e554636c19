<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Doctrine\DBAL\Connection;
use Rigger\App\Tests\Support\ApiTestCase;

final class JournalTest extends ApiTestCase
{
    /**
     * Every kind of change of stages 2 to 6.
     *
     * @return list<callable(array<string, mixed>): array<string, mixed>> each gives a change for the door
     */
    private static function changes(string $deskId, string $kitId): array
    {
        $chart = json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/demo/fixtures/marram-drum-6.json'), true);
        self::assertIsArray($chart);
        $chart['modes'][1]['channels'][0]['label'] = 'Level';
        $unit = static fn (array $rig, string $name): string => self::unit($rig, $name)['id'];

        return [
            static fn (array $rig): array => [
                'do' => 'write-chart',
                'type' => self::unit($rig, 'Drum 1')['typeId'],
                'revision' => 1,
                'chart' => $chart,
            ],
            static fn (array $rig): array => ['do' => 'take-revision', 'type' => self::unit($rig, 'Drum 1')['typeId']],
            static fn (array $rig): array => ['do' => 'begin-type', 'maker' => 'Marram', 'model' => 'Drum 12', 'kind' => 'wash'],
            static fn (array $rig): array => [
                'do' => 'add-units',
                'type' => self::unit($rig, 'Tape')['typeId'],
                'mode' => 'three',
                'count' => 3,
                'name' => 'Ribbon',
            ],
            static fn (array $rig): array => ['do' => 'move-units', 'units' => [$unit($rig, 'Pack A')], 'to' => '2/7'],
            static fn (array $rig): array => ['do' => 'rename-unit', 'unit' => $unit($rig, 'Panel'), 'name' => 'Table'],
            static fn (array $rig): array => ['do' => 'set-mode', 'units' => [$unit($rig, 'Batten')], 'mode' => 'eight'],
            static fn (array $rig): array => ['do' => 'number-unit', 'unit' => $unit($rig, 'Haar'), 'number' => '92'],
            static fn (array $rig): array => ['do' => 'group-unit', 'unit' => $unit($rig, 'Haar'), 'groups' => 'Air, Upstage'],
            static fn (array $rig): array => ['do' => 'note-unit', 'unit' => $unit($rig, 'Haar'), 'note' => ''],
            static fn (array $rig): array => ['do' => 'tape-unit', 'unit' => $unit($rig, 'Haar'), 'tape' => 'grey'],
            static fn (array $rig): array => ['do' => 'lock-unit', 'unit' => $unit($rig, 'Haar'), 'isLocked' => true],
            static fn (array $rig): array => ['do' => 'tick-unit', 'unit' => $unit($rig, 'Haar'), 'isSet' => true],
            static fn (array $rig): array => ['do' => 'prove-unit', 'unit' => $unit($rig, 'Haar'), 'isProved' => true],
            static fn (array $rig): array => [
                'do' => 'turn-unit',
                'unit' => $unit($rig, 'Spin L'),
                'direction' => 'tilt',
                'reversed' => 'software',
            ],
            static fn (array $rig): array => [
                'do' => 'bend-channel',
                'unit' => $unit($rig, 'Spin L'),
                'channel' => 6,
                'forType' => false,
                'curve' => ['channel' => 6, 'shape' => 's', 'min' => 0, 'max' => 118, 'bound' => 'scale'],
            ],
            static fn (array $rig): array => [
                'do' => 'bend-channel',
                'unit' => $unit($rig, 'Drum 1'),
                'channel' => 1,
                'forType' => true,
                'curve' => ['channel' => 1, 'shape' => 'square', 'bound' => 'scale'],
            ],
            static fn (array $rig): array => [
                'do' => 'bend-channel',
                'unit' => $unit($rig, 'Drum 2'),
                'channel' => 1,
                'forType' => true,
                'curve' => null,
            ],
            static fn (array $rig): array => [
                'do' => 'swap-type',
                'unit' => $unit($rig, 'Pack B'),
                'type' => self::unit($rig, 'Spin L')['typeId'],
                'mode' => 'eleven',
                'makesRoom' => true,
            ],
            static fn (array $rig): array => [
                'do' => 'put-units',
                'units' => [$unit($rig, 'Drum 1'), $unit($rig, 'Drum 2')],
                'x' => -2.0,
                'y' => 1.0,
            ],
            static fn (array $rig): array => ['do' => 'place-unit', 'unit' => $unit($rig, 'Drum 3'), 'x' => 1.0, 'y' => 1.5],
            static fn (array $rig): array => ['do' => 'place-unit', 'unit' => $unit($rig, 'Drum 4')],
            static fn (array $rig): array => ['do' => 'put-by-words'],
            static fn (array $rig): array => [
                'do' => 'line-up-units',
                'units' => [$unit($rig, 'Drum 1'), $unit($rig, 'Drum 3')],
                'how' => 'row',
            ],
            static fn (array $rig): array => [
                'do' => 'add-support',
                'kind' => 'stand',
                'name' => 'stand, bar',
                'height' => 2.0,
                'fromX' => 4.0,
                'fromY' => -2.0,
                'toX' => 0.0,
                'toY' => 0.0,
            ],
            static fn (array $rig): array => [
                'do' => 'change-support',
                'support' => self::named($rig['supports'], 'mid beam')['id'],
                'kind' => 'beam',
                'name' => 'upper beam',
                'height' => 3.0,
                'fromX' => -4.0,
                'fromY' => 2.0,
                'toX' => 4.0,
                'toY' => 3.0,
            ],
            static fn (array $rig): array => ['do' => 'remove-support', 'support' => self::named($rig['supports'], 'front beam')['id']],
            static fn (array $rig): array => ['do' => 'add-run', 'units' => [$unit($rig, 'Tape')], 'name' => 'Edge'],
            static fn (array $rig): array => [
                'do' => 'put-on-run',
                'run' => self::named($rig['runs'], 'Edge')['id'],
                'units' => [$unit($rig, 'Spin R'), $unit($rig, 'Drum 6')],
                'before' => self::named($rig['runs'], 'Edge')['items'][0]['id'],
            ],
            static fn (array $rig): array => [
                'do' => 'order-run',
                'run' => self::named($rig['runs'], 'Edge')['id'],
                'items' => array_reverse(array_column(self::named($rig['runs'], 'Edge')['items'], 'id')),
            ],
            static fn (array $rig): array => [
                'do' => 'change-items',
                'items' => array_column(self::named($rig['runs'], 'Edge')['items'], 'id'),
                'metres' => '7.5', 'cable' => 'network', 'plugs' => 'rj45', 'ends' => 'bare', 'load' => 0.5,
            ],
            static fn (array $rig): array => ['do' => 'add-splitter', 'run' => self::named($rig['runs'], 'Edge')['id'], 'outputs' => 3],
            static fn (array $rig): array => [
                'do' => 'change-splitter',
                'item' => self::named($rig['runs'], 'Edge')['items'][3]['id'],
                'name' => 'Gallery', 'outputs' => 5, 'x' => 1.5, 'y' => -7.0, 'height' => 3.0,
            ],
            static fn (array $rig): array => [
                'do' => 'change-run',
                'run' => self::named($rig['runs'], 'Floor')['id'],
                'name' => 'Boards', 'isTerminated' => true, 'ends' => '5-pin', 'at' => 'splitter',
                'splitter' => self::named($rig['runs'], 'Edge')['items'][3]['id'],
            ],
            static fn (array $rig): array => ['do' => 'split-run', 'item' => self::named($rig['runs'], 'Mid')['items'][2]['id']],
            static fn (array $rig): array => [
                'do' => 'take-off-run',
                'items' => [self::named($rig['runs'], 'Edge')['items'][3]['id'], self::named($rig['runs'], 'Front')['items'][0]['id']],
            ],
            static fn (array $rig): array => ['do' => 'remove-run', 'run' => self::named($rig['runs'], 'Booth')['id']],
            static fn (array $rig): array => [
                'do' => 'load-van', 'lengths' => '4 8 16', 'slack' => 1.2, 'spare' => 2, 'x' => 1.0, 'y' => -8.0, 'height' => 2.0,
            ],
            static fn (array $rig): array => ['do' => 'remove-unit', 'unit' => $unit($rig, 'Spin R')],
            static fn (array $rig): array => ['do' => 'add-link', 'kit' => $kitId, 'label' => 'Gallery'],
            static fn (array $rig): array => [
                'do' => 'connect-unit',
                'unit' => $unit($rig, 'Haar'),
                'link' => self::named($rig['links'], 'Gallery')['id'],
                'receiver' => '2-1',
            ],
            static fn (array $rig): array => [
                'do' => 'tune-link',
                'link' => self::named($rig['links'], 'Booth left')['id'],
                'name' => 'Gorse',
            ],
            static fn (array $rig): array => [
                'do' => 'rename-link',
                'link' => self::named($rig['links'], 'Booth left')['id'],
                'label' => 'Left',
            ],
            static fn (array $rig): array => [
                'do' => 'place-link', 'link' => self::named($rig['links'], 'Left')['id'],
                'place' => 'walls', 'obstacles' => '3 6', 'x' => 1.0, 'y' => -5.0, 'height' => 2.5,
            ],
            static fn (array $rig): array => ['do' => 'hear-house', 'channels' => '1 6 11'],
            static fn (array $rig): array => ['do' => 'pair-unit', 'unit' => $unit($rig, 'Tape')],
            static fn (array $rig): array => ['do' => 'correct-outputs', 'unit' => $unit($rig, 'Tape'), 'seen' => [2, 1, 3]],
            static fn (array $rig): array => [
                'do' => 'add-receiver', 'link' => self::named($rig['links'], 'Gallery')['id'], 'label' => 'Box',
                'units' => [$unit($rig, 'Haar'), $unit($rig, 'Table')],
            ],
            static fn (array $rig): array => [
                'do' => 'put-behind', 'unit' => $unit($rig, 'Spin L'),
                'receiver' => self::named($rig['links'], 'Gallery')['receivers'][0]['id'],
            ],
            static fn (array $rig): array => ['do' => 'pair-unit', 'unit' => $unit($rig, 'Table')],
            static fn (array $rig): array => [
                'do' => 'change-receiver', 'receiver' => self::named($rig['links'], 'Gallery')['receivers'][0]['id'],
                'label' => 'Stage box', 'setting' => '3-1',
            ],
            static fn (array $rig): array => [
                'do' => 'remove-receiver', 'receiver' => self::named($rig['links'], 'Gallery')['receivers'][0]['id'],
            ],
            static fn (array $rig): array => [
                'do' => 'cover-width', 'type' => self::unit($rig, 'Tape')['typeId'], 'mode' => 'three', 'name' => 'Wall',
                'beam' => 36, 'throw' => 2.2, 'width' => 6, 'y' => 3, 'height' => 4,
            ],
            static fn (array $rig): array => ['do' => 'add-circuit', 'amps' => 16, 'name' => 'C1', 'units' => [$unit($rig, 'Pack A')]],
            static fn (array $rig): array => [
                'do' => 'add-circuit', 'amps' => 10, 'name' => 'Bar', 'fedBy' => $rig['power']['circuits'][0]['id'],
                'units' => [$unit($rig, 'Table')],
            ],
            static fn (array $rig): array => ['do' => 'plug-units', 'units' => [$unit($rig, 'Haar')], 'circuit' => $rig['power']['circuits'][1]['id']],
            static fn (array $rig): array => ['do' => 'load-socket', 'unit' => $unit($rig, 'Pack A'), 'cell' => 2, 'watts' => '500'],
            static fn (array $rig): array => ['do' => 'rate-unit', 'unit' => $unit($rig, 'Pack A'), 'packAmps' => '10', 'socketAmps' => '4'],
            static fn (array $rig): array => [
                'do' => 'wire-tape', 'unit' => $unit($rig, 'Tape'), 'volts' => 12, 'wattsPerMetre' => 14.4, 'metres' => 5,
                'wireMetres' => 5, 'mm2' => 1.5,
            ],
            static fn (array $rig): array => [
                'do' => 'fit-battery', 'unit' => $unit($rig, 'Tape'), 'chemistry' => 'lead', 'ampHours' => 12, 'volts' => 12, 'usable' => 0.5,
            ],
            static fn (array $rig): array => ['do' => 'plan-power', 'hours' => 1.5, 'interval' => 0.25, 'burnsThrough' => true],
            static fn (array $rig): array => [
                'do' => 'change-circuit', 'circuit' => $rig['power']['circuits'][1]['id'], 'name' => 'Bar 2', 'isBreaker' => true,
            ],
            static fn (array $rig): array => ['do' => 'remove-circuit', 'circuit' => $rig['power']['circuits'][0]['id']],
            static fn (array $rig): array => ['do' => 'take-battery', 'unit' => $unit($rig, 'Tape')],
            static fn (array $rig): array => ['do' => 'unwire-tape', 'unit' => $unit($rig, 'Tape')],
            static fn (array $rig): array => [
                'do' => 'run-units', 'units' => [$unit($rig, 'Spin L'), $unit($rig, 'Tape')], 'state' => 'follower',
            ],
            static fn (array $rig): array => ['do' => 'hear-remote', 'units' => [$unit($rig, 'Spin L')], 'hears' => true],
            static fn (array $rig): array => ['do' => 'remove-link', 'link' => self::named($rig['links'], 'Left')['id']],
            static fn (array $rig): array => ['do' => 'choose-desk', 'desk' => $deskId],
            static fn (array $rig): array => [
                'do' => 'record-look',
                'name' => 'Ebb',
                'bank' => 3,
                'number' => 1,
                'slots' => ['1' => 200, '7' => 255],
            ],
            static fn (array $rig): array => [
                'do' => 'record-again',
                'look' => self::named($rig['looks'], 'Ebb')['id'],
                'slots' => ['1' => 10],
            ],
            static fn (array $rig): array => [
                'do' => 'store-look',
                'look' => self::named($rig['looks'], 'Ebb')['id'],
                'bank' => 4,
                'number' => 2,
            ],
            static fn (array $rig): array => ['do' => 'rename-look', 'look' => self::named($rig['looks'], 'Ebb')['id'], 'name' => 'Neap'],
            static fn (array $rig): array => ['do' => 'remove-look', 'look' => self::named($rig['looks'], 'House')['id']],
            static fn (array $rig): array => [
                'do' => 'hold-slots', 'universe' => 1, 'from' => 401, 'to' => 408, 'name' => 'House lights',
            ],
            static fn (array $rig): array => [
                'do' => 'change-hold', 'hold' => $rig['holds'][0]['id'], 'universe' => 1, 'from' => 401, 'to' => 404, 'name' => 'House',
            ],
            static fn (array $rig): array => ['do' => 'put-out', 'unit' => $unit($rig, 'Spin L'), 'isOut' => true],
            static fn (array $rig): array => ['do' => 'name-cell', 'unit' => $unit($rig, 'Pack A'), 'cell' => 3, 'name' => 'Lantern'],
            static function (array $rig): array {
                $finding = array_values(array_filter($rig['findings'], static fn (array $one): bool => $one['isKnowable']))[0];

                return [
                    'do' => 'accept-finding', 'stage' => $finding['stage'], 'code' => $finding['code'], 'units' => $finding['unitIds'],
                    'link' => $finding['linkId'], 'look' => $finding['lookId'], 'note' => 'meant so',
                ];
            },
            static fn (array $rig): array => [
                'do' => 'look-again', 'known' => array_values(array_filter(array_column($rig['findings'], 'knownId'), is_string(...)))[0],
            ],
            static fn (array $rig): array => ['do' => 'release-slots', 'hold' => $rig['holds'][0]['id']],
            static fn (array $rig): array => ['do' => 'rename-rig', 'name' => 'The Tidekeeper, touring'],
        ];
    }

    /** A test's transaction is never completed, so that references which are looked at then have to be asked for. */
    private static function checkReferences(): void
    {
        $database = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $database);
        $database->executeStatement('SET CONSTRAINTS ALL IMMEDIATE');
        $database->executeStatement('SET CONSTRAINTS ALL DEFERRED');
    }

    public function testUndoTakesBackEveryKindOfChangeAndRedoMakesItAgain(): void
    {
        $id = $this->demoRig();
        $path = '/api/rigs/'.$id;
        $desk = $this->bring('desks/skiff-24')['id'];
        $kit = $this->bring('kits/loon-pair')['id'];
        $states = [self::told($this->ask('GET', $path))];
        foreach (self::changes($desk, $kit) as $change) {
            $rig = $this->ask('GET', $path);
            $made = $change($rig);
            $this->change($path, $rig['version'], $made);
            $after = $this->ask('GET', $path);
            self::assertSame($rig['version'] + 1, $after['version'], $made['do']);
            self::assertNotNull($after['undo']);
            $states[] = self::told($after);
            self::checkReferences();
        }
        $last = \count($states) - 1;
        $rig = $this->ask('GET', $path);
        for ($at = $last - 1; $at >= 0; --$at) {
            $rig = $this->change($path, $this->ask('GET', $path)['version'], ['do' => 'undo']);
            self::assertSame($states[$at], self::told($rig), 'undoing change '.$at.': '.$rig['redo']);
            self::checkReferences();
        }
        self::assertNull($rig['undo']);
        for ($at = 1; $at <= $last; ++$at) {
            $rig = $this->change($path, $this->ask('GET', $path)['version'], ['do' => 'redo']);
            self::assertSame($states[$at], self::told($rig), 'redoing change '.$at.': '.$rig['undo']);
            self::checkReferences();
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
        $tape = self::unit($rig, 'Tape')['id'];
        $rig = $this->change($path, $rig['version'], ['do' => 'rename-unit', 'unit' => $tape, 'name' => 'Edge']);
        $rig = $this->change($path, $rig['version'], ['do' => 'undo']);
        self::assertSame('Renamed Tape to Edge', $rig['redo']);
        $rig = $this->change($path, $rig['version'], ['do' => 'rename-unit', 'unit' => $tape, 'name' => 'Tide line']);
        self::assertNull($rig['redo']);
        $this->change($path, $rig['version'], ['do' => 'redo'], status: 409);
        self::assertSame([false, true], array_column($this->ask('GET', $path.'/changes')['changes'], 'undone'));
    }

    public function testALaterWriteThatNoLongerFitsIsToldWhatHappened(): void
    {
        $id = $this->demoRig();
        $path = '/api/rigs/'.$id;
        $rig = $this->ask('GET', $path);
        $pack = self::unit($rig, 'Pack A')['id'];
        $this->change($path, $rig['version'], ['do' => 'move-units', 'units' => [$pack], 'to' => '99']);
        $problem = $this->change($path, $rig['version'], ['do' => 'move-units', 'units' => [$pack], 'to' => '141'], status: 409);
        self::assertSame(['version_moved', ['Moved Pack A from 085 to 099']], [$problem['type'], $problem['since']]);
        self::assertSame(99, self::unit($this->ask('GET', $path), 'Pack A')['address']);
    }

    public function testAnUndoneChartThatAnotherRigHasChangedStays(): void
    {
        [$one, $other] = [$this->demoRig(), $this->demoRig()];
        $created = $this->changed($one, 1, ['do' => 'begin-type', 'maker' => 'Skerry', 'model' => 'Mote', 'kind' => 'spot']);
        $chart = $this->ask('GET', '/api/types/'.$created['made'][0])['chart'];
        $this->change(
            $other,
            1,
            ['do' => 'write-chart', 'type' => $created['made'][0], 'revision' => 1, 'chart' => ['watts' => 9] + $chart],
        );
        $problem = $this->change($one, 2, ['do' => 'undo'], status: 409);
        self::assertSame('changed_since', $problem['type']);
        self::assertSame(9, $this->ask('GET', '/api/types/'.$created['made'][0])['chart']['watts']);
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
