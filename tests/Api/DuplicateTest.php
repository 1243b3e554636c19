<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Rigger\App\Tests\Support\ApiTestCase;

/** A rig once more, with everything that an operator set down in it. */
final class DuplicateTest extends ApiTestCase
{
    public function testTheCopyIsTheSameAndGoesItsOwnWay(): void
    {
        $id = $this->demoRig();
        $path = '/api/rigs/'.$id;
        $rig = $this->ask('GET', $path);
        $unit = static fn (string $name): string => self::unit($rig, $name)['id'];
        $this->change($path, 1, [
            ['do' => 'hold-slots', 'universe' => 1, 'from' => 401, 'to' => 408, 'name' => 'House lights'],
            ['do' => 'put-out', 'unit' => $unit('Spin L'), 'isOut' => true],
            ['do' => 'name-cell', 'unit' => $unit('Pack A'), 'cell' => 3, 'name' => 'Lantern'],
            [
                'do' => 'accept-finding', 'stage' => 'desk', 'code' => 'shared_button', 'units' => [$unit('Tape'), $unit('Haar')],
                'note' => 'both in the corner',
            ],
            ['do' => 'tick-unit', 'unit' => $unit('Haar'), 'isSet' => true],
            [
                'do' => 'bend-channel', 'unit' => $unit('Drum 1'), 'channel' => 1, 'forType' => true,
                'curve' => ['channel' => 1, 'shape' => 'square', 'bound' => 'scale'],
            ],
        ]);
        $copy = $this->ask('POST', $path.'/duplicate');
        self::assertSame(['The Tidekeeper (2)', 1, null], [$copy['name'], $copy['version'], $copy['undo']]);
        self::assertNotSame($id, $copy['id']);
        self::assertNull(self::unit($copy, 'Haar')['setAt'], 'what was ticked was ticked on the other');
        self::assertTrue(self::unit($copy, 'Spin L')['isOut']);
        self::assertContains('both in the corner', array_column($copy['findings'], 'knownNote'));

        $out = $this->ask('GET', $path.'/export');
        $again = $this->ask('GET', '/api/rigs/'.$copy['id'].'/export');
        self::assertSame(['name' => 'The Tidekeeper (2)'] + $again, ['name' => 'The Tidekeeper (2)'] + $out);
        self::assertSame(4, $out['version']);

        $this->change('/api/rigs/'.$copy['id'], 1, ['do' => 'rename-unit', 'unit' => self::unit($copy, 'Haar')['id'], 'name' => 'Fog']);
        self::assertSame('Haar', self::unit($this->ask('GET', $path), 'Haar')['name']);
        self::assertSame('The Tidekeeper (3)', $this->ask('POST', '/api/rigs/'.$copy['id'].'/duplicate')['name']);
    }

    public function testWhatIsExportedComesBackWithAllOfIt(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $pack = self::unit($this->ask('GET', $path), 'Pack B')['id'];
        $this->change($path, 1, [
            ['do' => 'hold-slots', 'universe' => 2, 'from' => 1, 'to' => 8, 'name' => 'House lights'],
            ['do' => 'name-cell', 'unit' => $pack, 'cell' => 1, 'name' => 'Lamp over the table'],
        ]);
        $out = $this->ask('GET', $path.'/export');
        $brought = $this->ask('POST', '/api/import', $out);
        self::assertSame($out, $this->ask('GET', '/api/rigs/'.$brought['id'].'/export'));
        self::assertSame('Lamp over the table', self::unit($this->ask('GET', '/api/rigs/'.$brought['id']), 'Pack B')['labels'][0]);
    }

    public function testOneThatIsNotThereCannotBeDuplicated(): void
    {
        $problem = $this->ask('POST', '/api/rigs/00000000-0000-7000-8000-000000000000/duplicate', null, 404);
        self::assertSame('not_found', $problem['type']);
    }
}
