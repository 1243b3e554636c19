<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Rigger\App\Tests\Support\ApiTestCase;

/** Beams, stands, and units that hang from them. */
final class StagePlanTest extends ApiTestCase
{
    public function testUnitsHangFromWhatTheyAreDroppedAndGoAlongWithIt(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $rig = $this->ask('GET', $path);
        $id = static fn (string $name): string => self::unit($rig, $name)['id'];
        $spot = static fn (array $row, string $name): ?array => self::unit($row, $name)['spot'];

        $after = $this->change($path, 1, ['do' => 'put-units', 'units' => [$id('Haar')], 'x' => 0.5, 'y' => 2.3]);
        self::assertSame('0.5 m right of centre, 2.5 m upstage, 3.6 m up', $spot($after, 'Haar')['words'] ?? null);
        $after = $this->change($path, 2, ['do' => 'put-units', 'units' => [$id('Panel'), $id('Tape')], 'x' => 0.0, 'y' => 4.2]);
        self::assertEquals(
            [0.0, 1.0],
            [$spot($after, 'Panel')['x'] ?? null, $spot($after, 'Tape')['x'] ?? null],
            'the others go as far as the one in the hand',
        );

        $beam = self::named($after['supports'], 'mid beam');
        $after = $this->change(
            $path,
            3,
            [
                'do' => 'change-support',
                'support' => $beam['id'],
                'kind' => 'beam',
                'name' => 'mid beam',
                'height' => 3.0,
                'fromX' => -3.8,
                'fromY' => 3.5,
                'toX' => 3.8,
                'toY' => 3.5,
            ],
        );
        self::assertEquals(
            [-1.4, 3.5, 3.0],
            [$spot($after, 'Spin L')['x'] ?? null, $spot($after, 'Spin L')['y'] ?? null, $spot($after, 'Spin L')['height'] ?? null],
        );
        self::assertEquals(-1.0, $spot($after, 'Drum 1')['y'] ?? null, 'what hangs elsewhere stays');
    }

    public function testBadMeasuresAreRefusedAtTheirField(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $rig = $this->ask('GET', $path);
        $drum = self::unit($rig, 'Drum 1')['id'];
        $beam = [
            'do' => 'add-support',
            'kind' => 'beam',
            'name' => 'new',
            'height' => 3.0,
            'fromX' => 0.0,
            'fromY' => 0.0,
            'toX' => 1.0,
            'toY' => 0.0,
        ];
        foreach ([
            ['height' => 61.0],
            ['height' => -1.0],
            ['fromX' => 900.0],
            ['name' => ''],
            ['kind' => 'truss'],
            ['toY' => null],
        ] as $wrong) {
            $problem = $this->change($path, 1, $wrong + $beam, 422);
            self::assertSame(array_key_first($wrong), $problem['violations'][0]['path']);
        }
        self::assertSame(
            'x',
            $this->change(
                $path,
                1,
                ['do' => 'place-unit', 'unit' => $drum, 'x' => 201.0, 'y' => 0.0],
                status: 422,
            )['violations'][0]['path'],
        );
        self::assertSame(
            'units',
            $this->change($path, 1, ['do' => 'line-up-units', 'units' => [$drum], 'how' => 'row'], status: 422)['violations'][0]['path'],
        );
        self::assertSame(
            'how',
            $this->change($path, 1, ['do' => 'line-up-units', 'units' => [$drum], 'how' => 'heap'], status: 422)['violations'][0]['path'],
        );
        self::assertSame(1, $this->ask('GET', $path)['version']);
    }
}
