<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\App\Tests\Support\ApiTestCase;

/** Numbers, groups, directions, curves, and another mode or type in a unit's place. */
final class OrderTest extends ApiTestCase
{
    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'a number in words' => [['do' => 'number-unit', 'number' => 'six'], 'number'];
        yield 'a number past the end' => [['do' => 'number-unit', 'number' => '100000'], 'number'];
        yield 'too many groups' => [['do' => 'group-unit', 'groups' => implode(',', range(1, 13))], 'groups'];
        yield 'a note without end' => [['do' => 'note-unit', 'note' => str_repeat('x', 1001)], 'note'];
        yield 'tape that nobody has' => [['do' => 'tape-unit', 'tape' => 'purple'], 'tape'];
        yield 'a direction that it lacks' => [['do' => 'turn-unit', 'direction' => 'pan', 'reversed' => 'unit'], 'reversed'];
        yield 'turned round nowhere known' => [['do' => 'turn-unit', 'direction' => 'tilt', 'reversed' => 'both'], 'reversed'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('refused')]
    public function testWhatCannotBeNotedIsRefusedAtItsField(array $change, string $field): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $drum = self::unit($this->ask('GET', $path), 'Drum 1')['id'];
        $problem = $this->change($path, 1, ['unit' => $drum] + $change, 422);
        self::assertSame($field, $problem['violations'][0]['path']);
    }

    public function testTwoUnitsOfOneNumberAreTold(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $rig = $this->ask('GET', $path);
        self::assertNotContains('warning number_twice', self::codes($rig, 'patch'));
        $rig = $this->change($path, 1, ['do' => 'number-unit', 'unit' => self::unit($rig, 'Haar')['id'], 'number' => '11']);
        self::assertContains('warning number_twice', self::codes($rig, 'patch'));
    }

    public function testAReversalInSoftwareMirrorsTheLampAndOneInTheUnitIsOnlyToldOnce(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $spin = self::unit($this->ask('GET', $path), 'Spin L');
        $slots = [(string) $spin['address'] => 200];
        $pan = fn (): float => self::named($this->ask('POST', $path.'/live', ['slots' => $slots])['lamps'], 'Spin L')['pan'];
        $plain = $pan();
        $this->change($path, 1, ['do' => 'turn-unit', 'unit' => $spin['id'], 'direction' => 'pan', 'reversed' => 'software']);
        $turned = $pan();
        self::assertNotEqualsWithDelta(0.0, $plain, 1.0);
        self::assertEqualsWithDelta(-$plain, $turned, 0.01);
        $rig = $this->change($path, 2, ['do' => 'turn-unit', 'unit' => $spin['id'], 'direction' => 'pan', 'reversed' => 'unit']);
        self::assertSame('unit', self::unit($rig, 'Spin L')['pan'], 'one place takes the other\'s: never both');
        self::assertEqualsWithDelta(-$plain, $pan(), 0.01, 'the unit turns it round now');
    }

    public function testAFloorGlowsInABlackoutAndIsTold(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $pack = self::unit($this->ask('GET', $path), 'Pack B');
        $curve = ['channel' => 1, 'shape' => 'linear', 'min' => 51, 'max' => 255, 'bound' => 'scale'];
        $travel = $this->ask('POST', $path.'/units/'.$pack['id'].'/curve/preview', ['curve' => $curve]);
        self::assertSame([51, 255], [$travel['values'][0], $travel['values'][255]]);
        self::assertStringContainsString('which is 20 % of its light', $travel['glow']);
        $rig = $this->change(
            $path,
            1,
            ['do' => 'bend-channel', 'unit' => $pack['id'], 'channel' => 1, 'forType' => false, 'curve' => $curve],
        );
        self::assertContains('caution glows', self::codes($rig, 'patch'));
        $lit = static fn (array $lamps, string $name): float => array_sum(array_column(self::named($lamps, $name)['cells'], 'brightness'));
        $lamps = $this->ask('POST', $path.'/live', ['slots' => ['113' => 0]])['lamps'];
        self::assertGreaterThan(0.0, $lit($lamps, 'Pack B'));
        self::assertSame(0.0, $lit($lamps, 'Pack A'));

        // For the type, and then a straight one of its own for one unit.
        $rig = $this->change(
            $path,
            2,
            ['do' => 'bend-channel', 'unit' => $pack['id'], 'channel' => 1, 'forType' => true, 'curve' => $curve],
        );
        self::assertGreaterThan(0.0, $lit($this->ask('POST', $path.'/live', ['slots' => ['113' => 0]])['lamps'], 'Pack A'));
        $rig = $this->change(
            $path,
            3,
            ['do' => 'bend-channel', 'unit' => $pack['id'], 'channel' => 1, 'forType' => false, 'curve' => ['min' => 0] + $curve],
        );
        self::assertSame(0.0, $lit($this->ask('POST', $path.'/live', ['slots' => ['113' => 0]])['lamps'], 'Pack B'));

        // Limits are typed as at a desk.
        $typed = $this->ask('POST', $path.'/units/'.$pack['id'].'/curve/preview', ['curve' => ['min' => '12%', 'max' => '75 %'] + $curve]);
        self::assertSame([31, 191], [$typed['min'], $typed['max']]);
        $spin = self::unit($rig, 'Spin L')['id'];
        $typed = $this->ask('POST', $path.'/units/'.$spin.'/curve/preview', [
            'curve' => ['channel' => 6, 'min' => '50%', 'max' => 'full'] + $curve,
        ]);
        self::assertSame([59, 118], [$typed['min'], $typed['max']], 'of its dimmer, not of the travel');
        $refused = $this->ask('POST', $path.'/units/'.$pack['id'].'/curve/preview', ['curve' => ['min' => ''] + $curve], 422);
        self::assertSame('The lower limit: type 0 to 255 or a percent.', $refused['violations'][0]['message']);

        foreach ([['channel' => 9], ['min' => 200, 'max' => 100], ['shape' => 'bent']] as $wrong) {
            $this->ask('POST', $path.'/units/'.$pack['id'].'/curve/preview', ['curve' => $wrong + $curve], 422);
        }
    }

    public function testAnotherTypeIsCheckedAgainstAllBehindItAndOfferedRoom(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $rig = $this->ask('GET', $path);
        [$panel, $batten] = [self::unit($rig, 'Panel'), self::unit($rig, 'Batten')];
        $fit = $this->ask('GET', $path.'/units/'.$panel['id'].'/fit?mode=cells&type='.$batten['typeId']);
        self::assertFalse($fit['fits']);
        self::assertSame('27 channels at 117 would share 127–129 with Tape.', $fit['words']);
        self::assertNotNull($fit['room']);
        $after = $this->change(
            $path,
            1,
            ['do' => 'swap-type', 'unit' => $panel['id'], 'type' => $batten['typeId'], 'mode' => 'cells', 'makesRoom' => true],
        );
        $swapped = self::unit($after, 'Panel');
        self::assertSame($fit['room'], $swapped['universe'].'/'.$swapped['address']);
        self::assertSame(
            [$panel['name'], $panel['position'], $panel['number']],
            [$swapped['name'], $swapped['position'], $swapped['number']],
        );
        self::assertCount(
            1,
            array_filter(self::codes($after, 'patch'), static fn (string $code): bool => 'error clash' === $code),
            'the one that was there',
        );
        self::assertTrue($this->ask('GET', $path.'/units/'.self::unit($after, 'Haar')['id'].'/fit?mode=two')['fits']);
        $this->ask('GET', $path.'/units/'.$panel['id'].'/fit?mode=ninety', null, 422);
    }

    public function testPressesAndLargeSetsAreSums(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $rig = $this->ask('GET', $path);
        $presses = $path.'/units/'.self::unit($rig, 'Drum 3')['id'].'/presses';
        $read = fn (string $shown): array => $this->ask('POST', $presses, ['shown' => $shown]);
        self::assertSame(['kind' => 'address', 'words' => 'From 012 press Up 3 times.'], $read('d012'));
        self::assertSame('From 012 press Up 3 times.', $read('12')['words']);
        self::assertSame(['kind' => 'right', 'words' => 'It stands right.'], $read('d015'));
        self::assertSame('mode', $read('C015')['kind'], 'the digits would be right');
        self::assertSame('state', $read('LEA')['kind']);
        self::assertSame('unknown', $read('000')['kind']);
        self::assertSame('shown', $this->ask('POST', $presses, ['shown' => ''], 422)['violations'][0]['path']);
        // Without a word of its keys in the chart it says where the unit stands.
        self::assertSame(
            'It stands at 012, and shall stand at 043. Its modes look alike on the display: Menu › Addr, then Menu › Mode › 11; it keeps both '
                .'after 5 s.',
            $this->ask('POST', $path.'/units/'.self::unit($rig, 'Spin L')['id'].'/presses', ['shown' => 'A012'])['words'],
        );
    }
}
