<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\App\Tests\Support\ApiTestCase;

final class FixturesTest extends ApiTestCase
{
    public function testAChartIsEditedInPlaceUntilAUnitFollowsIt(): void
    {
        $id = $this->demoRig();
        $path = '/api/rigs/'.$id;
        $created = $this->changed($path, 1, ['do' => 'begin-type', 'maker' => 'Skerry', 'model' => 'Mote', 'kind' => 'spot']);
        $typeId = $created['made'][0];
        self::assertSame(
            ['Began a chart for Skerry Mote', 'Began a chart for Skerry Mote'],
            [$created['said'], $created['changed']['undo']],
        );

        $chart = $this->ask('GET', '/api/types/'.$typeId)['chart'];
        $chart['modes'] = [self::mode('Dimmer')];
        $rig = $this->change($path, 2, ['do' => 'write-chart', 'type' => $typeId, 'revision' => 1, 'chart' => $chart]);
        self::assertSame('Mote: mode 1-channel added', $rig['undo']);
        self::assertSame(1, $this->ask('GET', '/api/types/'.$typeId)['revision']);
        self::assertFalse($this->ask('GET', '/api/types/'.$typeId)['isUsed']);

        $rig = $this->change($path, 3, ['do' => 'add-units', 'type' => $typeId, 'mode' => 'one', 'count' => 2, 'name' => 'Mote']);
        self::assertTrue($this->ask('GET', '/api/types/'.$typeId)['isUsed']);

        $chart['modes'] = [self::mode('Level')];
        $rig = $this->change($path, 4, ['do' => 'write-chart', 'type' => $typeId, 'revision' => 1, 'chart' => $chart]);
        self::assertSame('Mote: 1-channel, Dimmer (1) is called Level (revision 2)', $rig['undo']);
        self::assertSame(['Dimmer'], self::unit($rig, 'Mote 1')['labels']);
        self::assertContains('note newer_revision', self::codes($rig, 'fixtures'));

        $rig = $this->change($path, 5, ['do' => 'take-revision', 'type' => $typeId]);
        self::assertSame('Took revision 2 of Mote for 2 units', $rig['undo']);
        self::assertSame(['Level'], self::unit($rig, 'Mote 2')['labels']);
        $this->change($path, 6, ['do' => 'take-revision', 'type' => $typeId], status: 409);
    }

    public function testAModeThatUnitsUseCannotVanishUnderThem(): void
    {
        $id = $this->demoRig();
        $path = '/api/rigs/'.$id;
        $typeId = self::unit($this->ask('GET', $path), 'Tape')['typeId'];
        $chart = $this->ask('GET', '/api/types/'.$typeId)['chart'];
        $chart['modes'] = [self::mode('Dimmer')];
        $this->change($path, 1, ['do' => 'write-chart', 'type' => $typeId, 'revision' => 1, 'chart' => $chart]);
        $problem = $this->change($path, 2, ['do' => 'take-revision', 'type' => $typeId], status: 409);
        self::assertSame('mode_gone', $problem['type']);
        self::assertSame(1, self::unit($this->ask('GET', $path), 'Tape')['revision']);
    }

    public function testAChartThatSomebodyElseRevisedIsNotOverwritten(): void
    {
        $id = $this->demoRig();
        $typeId = self::unit($this->ask('GET', '/api/rigs/'.$id), 'Haar')['typeId'];
        $chart = $this->ask('GET', '/api/types/'.$typeId)['chart'];
        $write = ['do' => 'write-chart', 'type' => $typeId, 'revision' => 1, 'chart' => ['watts' => 5] + $chart];
        $this->change($id, 1, $write);
        $problem = $this->change($id, 2, $write, 409);
        self::assertSame('revision_moved', $problem['type']);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badTypes(): iterable
    {
        yield 'no maker' => [['maker' => ''], 'maker', 'out_of_range'];
        yield 'a model that is there' => [['maker' => 'Marram', 'model' => 'Drum 6'], 'model', 'taken'];
        yield 'a model of 200 letters' => [['model' => str_repeat('m', 200)], 'model', 'out_of_range'];
        yield 'a kind by number' => [['kind' => 7], 'kind', 'wrong_type'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badTypes')]
    public function testANewTypeIsRefusedAtItsField(array $change, string $path, string $code): void
    {
        $id = $this->demoRig();
        $before = $this->ask('GET', '/api/types')['total'];
        $input = $change + ['do' => 'begin-type', 'maker' => 'Skerry', 'model' => 'Mote', 'kind' => 'spot'];
        $problem = $this->change($id, 1, $input, 422);
        self::assertSame([$path, $code], [$problem['violations'][0]['path'], $problem['violations'][0]['code']]);
        self::assertSame($before, $this->ask('GET', '/api/types')['total']);
    }

    public function testARangeTurnedRoundIsFoundAndABadShapeRefused(): void
    {
        $id = $this->demoRig();
        $typeId = self::unit($this->ask('GET', '/api/rigs/'.$id), 'Haar')['typeId'];
        $chart = $this->ask('GET', '/api/types/'.$typeId)['chart'];
        $chart['modes'][0]['channels'][0]['ranges'][0]['from'] = 20;
        $this->change($id, 1, ['do' => 'write-chart', 'type' => $typeId, 'revision' => 1, 'chart' => $chart]);
        $rig = $this->change($id, 2, ['do' => 'take-revision', 'type' => $typeId]);
        self::assertContains('error range_backwards', self::codes($rig, 'fixtures'));
        $lamps = $this->ask('POST', '/api/rigs/'.$id.'/live', ['slots' => ['1' => 1]])['lamps'];
        self::assertStringContainsString('errors in its chart', self::named($lamps, 'Haar')['why']);

        $chart['modes'][0]['channels'][0]['ranges'][0]['colour'] = 'red';
        $problem = $this->change($id, 3, ['do' => 'write-chart', 'type' => $typeId, 'revision' => 2, 'chart' => $chart], 422);
        self::assertSame('chart.modes[0].channels[0].ranges[0].colour', $problem['violations'][0]['path']);
    }

    public function testTheLibraryIsSearchedByMakerAndModel(): void
    {
        $this->demoRig();
        $models = fn (string $search): array => array_column($this->ask('GET', '/api/types?search='.urlencode($search))['types'], 'model');
        self::assertSame(['Drum 6'], $models('marram'));
        self::assertSame(['Drum 6'], $models('Marram DRUM'));
        self::assertSame([], $models('%'));
        self::assertContains('Spin 40', $models(''));
    }

    public function testTypicalEmittersAreMarkedSo(): void
    {
        $emitters = $this->ask('GET', '/api/emitters')['emitters'];
        self::assertCount(10, $emitters);
        self::assertSame([true], array_values(array_unique(array_column($emitters, 'typical'))));
    }

    /** @return array<string, mixed> */
    private static function mode(string $label): array
    {
        return [
            'key' => 'one', 'name' => '1-channel', 'count' => 1,
            'channels' => [[
                'offset' => 1, 'label' => $label,
                'ranges' => [['from' => 0, 'to' => 255, 'label' => 'Dark to full', 'function' => 'intensity', 'start' => 0, 'end' => 1]],
            ]],
        ];
    }
}
