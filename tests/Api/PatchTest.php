<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\App\Tests\Support\ApiTestCase;

final class PatchTest extends ApiTestCase
{
    public function testTheDemoHasItsTroubleOnPurposeAndOneButtonRepairsTheClash(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        self::assertContains('error clash', self::codes($rig, 'patch'));
        self::assertContains('warning no_receiver', self::codes($rig, 'lines'));
        self::assertContains('warning spills', self::codes($rig, 'desk'));
        self::assertContains('warning fast_flash', self::codes($rig, 'looks'));
        $clash = array_values(array_filter($rig['findings'], static fn (array $finding): bool => 'clash' === $finding['code']))[0];
        self::assertSame('Move Pack A to 099 (button 8): one ladder trip', $clash['repair']['label']);

        $rig = $this->change($id, $rig['version'], $clash['repair']['changes']);
        self::assertNotContains('error clash', self::codes($rig, 'patch'));
        self::assertSame(
            [99, '1100011000', 'Switches 1 2 6 7 up: 1 + 2 + 32 + 64 = 99'],
            [
                self::unit($rig, 'Pack A')['address'],
                self::unit($rig, 'Pack A')['switches']['pattern'],
                self::unit($rig, 'Pack A')['switches']['sum'],
            ],
        );
        self::assertSame('Moved Pack A from 085 to 099', $rig['undo']);
    }

    public function testAddsUnitsAtTheNextFreeAddressesOrAsTwins(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $drum = self::unit($rig, 'Drum 1');
        $add = ['do' => 'add-units', 'type' => $drum['typeId'], 'mode' => 'nine', 'count' => 2, 'name' => 'Drum'];
        $rig = $this->change($id, $rig['version'], $add);
        self::assertSame([98, 132], [self::unit($rig, 'Drum 7')['address'], self::unit($rig, 'Drum 8')['address']]);
        $rig = $this->change($id, $rig['version'], ['twinOf' => $drum['id'], 'count' => 1] + $add);
        self::assertSame([1, $drum['id']], [self::unit($rig, 'Drum 9')['address'], self::unit($rig, 'Drum 9')['twinOf']]);
        self::assertSame('Patched Drum 9 as twin of Drum 1 at 001', $rig['undo']);
    }

    public function testSaysHowManyFindRoomAndHangsNone(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $problem = $this->change(
            $id,
            $rig['version'],
            [
                'do' => 'add-units',
                'type' => self::unit($rig, 'Drum 1')['typeId'],
                'mode' => 'nine',
                'count' => 100,
                'name' => 'Drum',
                'spacing' => 'buttons',
            ],
            status: 422,
        );
        self::assertSame('count', $problem['violations'][0]['path']);
        self::assertStringContainsString('room for 1 of 100 units', $problem['detail']);
        self::assertCount(14, $this->ask('GET', '/api/rigs/'.$id)['units']);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badInput(): iterable
    {
        yield 'address 0' => [['do' => 'move-units', 'to' => '0'], 'address', 'address_out_of_range'];
        yield 'address 513' => [['do' => 'move-units', 'to' => '513'], 'address', 'address_out_of_range'];
        yield 'address 1.5' => [['do' => 'move-units', 'to' => '1.5'], 'address', 'wrong_type'];
        yield 'address 12a' => [['do' => 'move-units', 'to' => '12a'], 'address', 'wrong_type'];
        yield 'a number where text is due' => [['do' => 'move-units', 'to' => 12], 'to', 'wrong_type'];
        yield 'a name of 10,000 characters' => [['do' => 'rename-unit', 'name' => str_repeat('x', 10_000)], 'name', 'out_of_range'];
        yield 'no name' => [['do' => 'rename-unit', 'name' => '  '], 'name', 'out_of_range'];
        yield 'a mode that is not there' => [['do' => 'set-mode', 'mode' => 'twelve'], 'mode', 'unknown_mode'];
        yield 'an unknown member' => [['do' => 'move-units', 'to' => '5', 'adress' => '5'], 'adress', 'unknown_member'];
        yield 'nothing to change' => [['do' => 'move-units'], 'to', 'missing'];
        yield 'something that nobody can do' => [['do' => 'paint-unit'], 'do', 'not_a_choice'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badInput')]
    public function testRefusesAtTheFieldAndChangesNothing(array $change, string $path, string $code): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $drum = self::unit($rig, 'Drum 1')['id'];
        $problem = $this->change(
            $id,
            $rig['version'],
            ['set-mode' === $change['do'] || 'move-units' === $change['do'] ? ['units' => [$drum]] + $change : ['unit' => $drum] + $change],
            422,
        );
        self::assertSame([$path, $code], [$problem['violations'][0]['path'], $problem['violations'][0]['code']]);
        self::assertSame('application/problem+json', $this->client->getResponse()->headers->get('Content-Type'));
        self::assertSame($rig['units'], $this->ask('GET', '/api/rigs/'.$id)['units']);
    }

    public function testNamesMayRunRightToLeftAndHoldPictures(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $rig = $this->change(
            $id,
            $rig['version'],
            ['do' => 'rename-unit', 'unit' => self::unit($rig, 'Tape')['id'], 'name' => 'شريط 🌊'],
        );
        self::assertSame(12, array_search('شريط 🌊', array_column($rig['units'], 'name'), true));
    }

    public function testAChangeOfModeKeepsTheLooksInStep(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $drum = self::unit($rig, 'Drum 1')['id'];
        $rig = $this->change($id, $rig['version'], ['do' => 'set-mode', 'units' => [$drum], 'mode' => 'five']);
        $cell = array_values(array_filter(
            self::named($rig['looks'], 'Tide in')['cells'],
            static fn (array $cell): bool => $drum === $cell['unitId'],
        ))[0];
        self::assertSame([255, 60, 0, 120, 0], $cell['values']);
        self::assertContains('error mixed', self::codes($rig, 'patch'));
    }
}
