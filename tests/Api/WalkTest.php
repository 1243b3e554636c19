<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Rigger\App\Tests\Support\ApiTestCase;

/** Where units hang, and which of them somebody has set. */
final class WalkTest extends ApiTestCase
{
    public function testATickHasItsTimeAndGoesWhenSomethingElseIsToBeSet(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $id = self::unit($this->ask('GET', $path), 'Haar')['id'];
        $rig = $this->change($path, 1, ['do' => 'tick-unit', 'unit' => $id, 'isSet' => true]);
        self::assertSame('Set Haar at 130', $rig['undo']);
        self::assertMatchesRegularExpression('/^\d{4}-\d\d-\d\dT/', (string) self::unit($rig, 'Haar')['setAt']);
        $rig = $this->change($path, 2, ['do' => 'move-units', 'units' => [$id], 'to' => '140']);
        self::assertNull(self::unit($rig, 'Haar')['setAt']);
        $rig = $this->change($path, 3, ['do' => 'undo']);
        self::assertNotNull(self::unit($rig, 'Haar')['setAt']);
        $rig = $this->change($path, 4, ['do' => 'tick-unit', 'unit' => $id, 'isSet' => false]);
        self::assertNull(self::unit($rig, 'Haar')['setAt']);
    }

    public function testAHangingPositionIsKeptExportedAndTakenBack(): void
    {
        $rigId = $this->demoRig();
        $path = '/api/rigs/'.$rigId;
        $id = self::unit($this->ask('GET', $path), 'Haar')['id'];
        $rig = $this->change($path, 1, ['do' => 'hang-unit', 'unit' => $id, 'position' => 'house right, floor']);
        self::assertSame(
            ['house right, floor', 'Haar hangs at house right, floor'],
            [self::unit($rig, 'Haar')['position'], $rig['undo']],
        );
        $exported = $this->ask('GET', $path.'/export');
        self::assertContains('house right, floor', array_column($exported['fixtures'], 'position'));
        self::assertSame($exported, $this->ask('GET', '/api/rigs/'.$this->ask('POST', '/api/import', $exported)['id'].'/export'));
        $rig = $this->change($path, 2, ['do' => 'hang-unit', 'unit' => $id, 'position' => '']);
        self::assertNull(self::unit($rig, 'Haar')['position']);
        $problem = $this->change($path, 3, ['do' => 'hang-unit', 'unit' => $id, 'position' => str_repeat('x', 90)], status: 422);
        self::assertSame('position', $problem['violations'][0]['path']);
    }

    public function testUnitsOnOnePieceOfTapeMoveTogether(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $rig = $this->ask('GET', $path);
        $ids = [self::unit($rig, 'Drum 5')['id'], self::unit($rig, 'Drum 6')['id']];
        $rig = $this->change($path, 1, ['do' => 'move-units', 'units' => $ids, 'to' => '1/200']);
        self::assertSame('Moved Drum 5 and Drum 6 together to 200', $rig['undo']);
        self::assertSame([200, 200], [self::unit($rig, 'Drum 5')['address'], self::unit($rig, 'Drum 6')['address']]);
        $this->change($path, 2, ['do' => 'move-units', 'units' => [], 'to' => '1/200'], status: 422);
    }
}
