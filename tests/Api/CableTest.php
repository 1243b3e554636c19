<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Rigger\App\Tests\Support\ApiTestCase;

/** Data runs by the door, and the questions about them. */
final class CableTest extends ApiTestCase
{
    public function testTheDemoShowsItsRunsWithLengthsByThePlan(): void
    {
        $rig = $this->ask('GET', '/api/rigs/'.$this->demoRig());
        self::assertSame(['Booth', 'Front', 'Mid', 'Floor'], array_column($rig['runs'], 'name'));
        self::assertSame(
            ['Tenfold 10, output 1', 'Splitter A, output 1', 'Splitter A, output 2', 'Splitter A, output 3'],
            array_column($rig['runs'], 'from'),
        );
        self::assertSame(['splitter', 'terminator', 'terminator', 'open'], array_column($rig['runs'], 'end'));
        $floor = self::named($rig['runs'], 'Floor');
        self::assertSame(
            [[9, true, 'microphone'], [10, false, 'data'], [10, false, 'data'], [10, false, 'data']],
            array_map(static fn (array $item): array => [$item['metres'], $item['isSaid'], $item['cable']], $floor['items']),
        );
        self::assertSame(['5-pin male to 3-pin female'], self::named($rig['runs'], 'Mid')['items'][3]['adapters']);
        self::assertContains('warning no_terminator', self::codes($rig, 'lines'));
        self::assertContains('caution microphone_cable', self::codes($rig, 'lines'));
    }

    public function testMovingAUnitOnThePlanChangesTheCableThatFollowsIt(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $drum = self::unit($rig, 'Drum 6')['id'];
        $answer = $this->ask('POST', '/api/rigs/'.$id.'/changes', [
            'base' => 1,
            'changes' => [['do' => 'place-unit', 'unit' => $drum, 'x' => 6.0, 'y' => 0.8]],
        ]);
        self::assertSame(['Floor'], array_column($answer['changed']['runs']['put'], 'name'), 'the other runs are as they were');
    }

    public function testWhoGoesDarkWhenAPlugIsPulled(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $third = self::named($rig['runs'], 'Mid')['items'][2]['id'];
        $pulled = $this->ask('GET', '/api/rigs/'.$id.'/pulled/'.$third);
        self::assertSame(
            'No data reaches Spin L, Batten, Spin R and Drum 4. Pack B and Drum 3 may flicker: the cable ends open now.',
            $pulled['words'],
        );
        self::assertCount(4, $pulled['dark']);
        self::assertCount(2, $pulled['flickers']);
    }

    public function testCableIsLaidAndTaken(): void
    {
        $id = $this->demoRig();
        $plan = $this->ask('POST', '/api/rigs/'.$id.'/cable-plan', ['runs' => 2, 'x' => 0, 'y' => -6, 'height' => 1]);
        self::assertSame([1, 2], array_map(static fn (array $offer): int => \count($offer['runs']), $plan['offers']));
        self::assertStringContainsString('A first plug that comes out leaves 7 units dark at most', $plan['offers'][1]['words']);
        $rig = $this->change($id, 1, $plan['offers'][1]['take']['changes']);
        $laid = array_filter($rig['runs'], static fn (array $run): bool => 'desk' === $run['at'] && 'Booth' !== $run['name']);
        self::assertCount(2, $laid);
        self::assertEqualsWithDelta($plan['offers'][1]['metres'], array_sum(array_column($laid, 'metres')), 0.1);
        $this->ask('POST', '/api/rigs/'.$id.'/cable-plan', ['runs' => 9], status: 422);
    }

    public function testTheListsAreTold(): void
    {
        $id = $this->demoRig();
        $list = $this->ask('GET', '/api/rigs/'.$id.'/load-list');
        self::assertContains(['what' => 'Microphone cable, 3-pin, 9 m', 'count' => 1, 'spare' => 1], $list['lines']);
        $pins = $this->ask('GET', '/api/pin-tables');
        self::assertSame(['3-pin', '5-pin', 'RJ45', 'Bare ends'], array_column($pins['tables'], 'name'));
        foreach (['load', 'runs', 'pins'] as $kind) {
            $sheet = $this->ask('GET', '/api/rigs/'.$id.'/line-sheets/'.$kind);
            self::assertSame(1, $sheet['count'], $kind);
        }
        $this->ask('GET', '/api/rigs/'.$id.'/line-sheets/load?paper=a5', status: 422);
    }

    public function testWhatCannotBePluggedInIsRefused(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $booth = self::named($rig['runs'], 'Booth');
        $loop = $this->change($id, 1, [
            'do' => 'change-run', 'run' => $booth['id'], 'at' => 'splitter', 'splitter' => $booth['items'][0]['id'],
        ], status: 409);
        self::assertSame('loop', $loop['type']);
        $minus = $this->change($id, 1, ['do' => 'change-items', 'items' => [$booth['items'][0]['id']], 'metres' => '-2'], status: 422);
        self::assertSame('metres', $minus['violations'][0]['path']);
        $this->change($id, 1, ['do' => 'remove-run', 'run' => 'nowhere'], status: 404);
        self::assertSame(1, $this->ask('GET', '/api/rigs/'.$id)['version']);
    }
}
