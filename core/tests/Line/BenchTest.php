<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rigger\Core\Input\Json;
use Rigger\Core\Line\Radio\Bench\Bench;
use Rigger\Core\Line\Radio\Bench\BenchDevice;
use Rigger\Core\Line\Radio\Bench\Move;
use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Line\Radio\KitCurve;
use Rigger\Core\Line\Radio\KitReader;
use Rigger\Core\Line\Radio\LampState;

/** Kits on the bench, against their descriptions. */
final class BenchTest extends TestCase
{
    private static function kit(string $name): Kit
    {
        return KitReader::read(Json::decode((string) file_get_contents(\dirname(__DIR__, 3).'/demo/kits/'.$name.'.json')));
    }

    private static function bench(string $kit, string $sends, string $listens, bool $isFar = false): Bench
    {
        $described = self::kit($kit);

        return Bench::of($described, [
            BenchDevice::sender('s', 'Booth', $described->split($sends)),
            BenchDevice::receiver('r', 'Tape', $described->split($listens), $isFar),
        ]);
    }

    /**
     * @param list<array{float, string, string, 3?: string}> $moves
     *
     * @return list<Move>
     */
    private static function moves(array $moves): array
    {
        return array_map(static fn (array $one): Move => new Move($one[0], $one[1], $one[2], $one[3] ?? null), $moves);
    }

    /** @return iterable<string, array{Bench, list<array{float, string, string, 3?: string}>, float, string, string, list<string>}> */
    public static function evenings(): iterable
    {
        $on = [[0.0, 's', 'on'], [10.0, 'r', 'on']];
        yield 'held long enough, and let go' => [
            self::bench('reed-link', 'Alder', 'Birch'),
            [...$on, [13.0, 'r', 'press', 'Name'], [16.2, 'r', 'let-go']],
            17.0, 'linked', 'Alder', ['Tape listens to Booth on Alder now.'],
        ];
        yield 'still held: it pairs' => [
            self::bench('reed-link', 'Alder', 'Birch'),
            [...$on, [13.0, 'r', 'press', 'Name']],
            16.0, 'pairing', 'Birch', [],
        ];
        yield 'let go too soon: that is a press' => [
            self::bench('reed-link', 'Alder', 'Alder'),
            [...$on, [13.0, 'r', 'press', 'Name'], [14.2, 'r', 'let-go']],
            16.0, 'searching', 'Birch', [
                'Let go too soon: 1.2 s instead of 3 s.',
                '1 press of Name: to clear it takes 5.',
            ],
        ];
        yield 'too late' => [
            self::bench('reed-link', 'Alder', 'Birch'),
            [...$on, [18.0, 'r', 'press', 'Name'], [21.5, 'r', 'let-go']],
            22.0, 'searching', 'Birch', ['Too late: 11 s after switching on, and 10 s are given. Switch Tape off and on again.'],
        ];
        yield 'touched too early' => [
            self::bench('reed-link', 'Alder', 'Alder'),
            [...$on, [11.0, 'r', 'press', 'Name'], [15.0, 'r', 'let-go']],
            16.0, 'searching', 'Alder', ['Too early: hands off Tape for the first 2 s. Switch it off and on again.'],
        ];
        yield 'off and on again after that' => [
            self::bench('reed-link', 'Alder', 'Alder'),
            [...$on, [11.0, 'r', 'press', 'Name'], [12.0, 'r', 'off'], [13.0, 'r', 'on']],
            16.0, 'linked', 'Alder', ['Too early: hands off Tape for the first 2 s. Switch it off and on again.'],
        ];
        yield 'nobody sends' => [
            self::bench('reed-link', 'Alder', 'Birch'),
            [[10.0, 'r', 'on'], [13.0, 'r', 'press', 'Name'], [16.2, 'r', 'let-go']],
            17.0, 'searching', 'Birch', ['Nobody sends: switch the sender on first.'],
        ];
        yield 'too far away' => [
            self::bench('reed-link', 'Alder', 'Birch', true),
            [...$on, [13.0, 'r', 'press', 'Name'], [16.2, 'r', 'let-go']],
            17.0, 'searching', 'Birch', ['Tape is too far from its sender.'],
        ];
        $press = static fn (int $times, float $from): array => array_merge(...array_map(
            static fn (int $k): array => [[$from + $k * 0.4, 'r', 'press', 'Number'], [$from + $k * 0.4 + 0.1, 'r', 'let-go']],
            range(0, $times - 1),
        ));
        yield 'two presses pair' => [
            self::bench('loon-pair', '2-3', '1-1'),
            [...$on, ...$press(2, 11.0)],
            13.0, 'linked', '2-3', ['Tape listens to Booth on 2-3 now.'],
        ];
        yield 'eight clear, and the lamp says that it looks' => [
            self::bench('loon-pair', '2-3', '2-3'),
            [...$on, ...$press(8, 11.0)],
            18.0, 'searching', '2-3', ['Tape has forgotten its sender.'],
        ];
        yield 'three do neither, and step' => [
            self::bench('loon-pair', '2-3', '1-1'),
            [...$on, ...$press(3, 11.0)],
            14.0, 'searching', '4-1', ['3 presses of Number: to pair it takes 2, to clear it takes 8.'],
        ];
        yield 'only the second part is wrong' => [
            self::bench('loon-pair', '2-3', '2-1'),
            [...$on, [20.0, 'r', 'press', 'Sub'], [20.1, 'r', 'let-go'], [20.5, 'r', 'press', 'Sub'], [20.6, 'r', 'let-go']],
            21.0, 'linked', '2-3', [],
        ];
        yield 'set by hand' => [
            self::bench('osier-air', 'orange 1', 'red 1'),
            [...$on, [16.0, 'r', 'press', 'Colour'], [16.2, 'r', 'let-go']],
            17.0, 'linked', 'orange 1', [],
        ];
        yield 'cleared, and for two seconds it says so' => [
            self::bench('osier-air', 'red 1', 'red 1'),
            [...$on, [16.0, 'r', 'press', 'Set'], [22.5, 'r', 'let-go']],
            23.0, 'cleared', 'red 1', ['Tape has forgotten its sender.'],
        ];
    }

    /**
     * @param list<array{float, string, string, 3?: string}> $moves
     * @param list<string>                                   $said
     */
    #[DataProvider('evenings')]
    public function testWhatALampShowsAndWhatIsSaid(Bench $bench, array $moves, float $now, string $lamp, string $setting, array $said): void
    {
        $after = $bench->after(self::moves($moves), $now);
        $receiver = $after->devices['r'];
        self::assertSame([$lamp, $setting, $said], [$after->lamp($receiver)->value, $after->kit->joined($receiver->values), $after->said]);
    }

    public function testTwoSendersAreSaid(): void
    {
        $kit = self::kit('reed-link');
        $bench = Bench::of($kit, [
            BenchDevice::sender('s', 'Booth', ['Alder']),
            BenchDevice::sender('t', 'Gallery', ['Alder']),
            BenchDevice::receiver('r', 'Tape', ['Birch'], isFlat: true),
        ])->after(self::moves([
            [0.0, 's', 'on'], [0.0, 't', 'on'], [1.0, 'r', 'on'], [4.0, 'r', 'press', 'Name'], [7.0, 'r', 'let-go'],
        ]), 8.0);
        self::assertSame(
            ['Tape listens to Booth on Alder now. Two senders are on: it took the first that it heard.'],
            $bench->said,
        );
        self::assertCount(2, $bench->heardBy($bench->devices['r']));
        self::assertSame(LampState::LowBattery, $bench->lamp($bench->devices['r']));
    }

    /** @return iterable<string, array{string}> */
    public static function kits(): iterable
    {
        foreach (['reed-link', 'loon-pair', 'osier-air'] as $kit) {
            yield $kit => [$kit];
        }
    }

    /** Whatever hands do, and however long they wait: the lamp is what the description says of how things stand. */
    #[DataProvider('kits')]
    public function testRandomHandsFindTheLampThatTheDescriptionSays(string $name): void
    {
        $kit = self::kit($name);
        foreach (range(1, 60) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $settings = $kit->settings();
            $any = static fn (): array => $kit->split($settings[$chance->getInt(0, \count($settings) - 1)]);
            $bench = Bench::of($kit, [BenchDevice::sender('s', 'Booth', $any()), BenchDevice::receiver('r', 'Tape', $any())]);
            $moves = [];
            $now = 0.0;
            for ($nth = 0; $nth < 40; ++$nth) {
                $now += $chance->getInt(1, 40) / 10;
                $device = 1 === $chance->getInt(1, 4) ? 's' : 'r';
                $buttons = 's' === $device ? $kit->sender->buttons : $kit->receiver->buttons;
                // A fader goes up or down now and then, and a hand goes to the button of an output.
                if (1 === $chance->getInt(1, 6)) {
                    $moves[] = new Move($now, 's', 'raise', null, $chance->getInt(1, 3), $chance->getInt(0, 1) * $chance->getInt(1, 255));
                    continue;
                }
                $isOutput = 'r' === $device && null !== $kit->assign && 1 === $chance->getInt(1, 3);
                $moves[] = new Move(
                    $now,
                    $device,
                    ['on', 'press', 'let-go', 'press', 'let-go', 'off'][min(5, $chance->getInt(0, 20) % 6)],
                    $isOutput ? 'Output '.$chance->getInt(1, $kit->outputs) : $buttons[$chance->getInt(0, \count($buttons) - 1)]->label,
                );
                $after = $bench->after($moves, $now);
                self::assertEquals($after, $bench->after(\array_slice($moves, 0, -1), $now - 0.05)->after([$moves[$nth]], $now), 'by steps');
                self::keepsToItsDescription($after);
                $next = $after->next();
                if (null !== $next) {
                    self::assertGreaterThan($now, $next);
                    self::keepsToItsDescription($after->at($next));
                }
            }
        }
    }

    private static function keepsToItsDescription(Bench $bench): void
    {
        [$sender, $receiver] = [$bench->devices['s'], $bench->devices['r']];
        foreach ([$sender, $receiver] as $device) {
            self::assertTrue($bench->kit->has($bench->kit->joined($device->values)), 'it is set to something that the kit knows');
        }
        $hears = $sender->isOn() && $receiver->isOn() && $sender->values === $receiver->values && !$receiver->forgot && !$receiver->isSpoilt;
        $expected = match (true) {
            !$receiver->isOn() => [LampState::Off],
            default => [$hears ? LampState::Linked : LampState::Searching, LampState::Pairing, LampState::Cleared],
        };
        self::assertContains($bench->lamp($receiver), $expected);
        self::assertContains($bench->lamp($sender), match (true) {
            !$sender->isOn() => [LampState::Off],
            default => [$hears ? LampState::Linked : LampState::Alone, LampState::Pairing],
        });
        foreach ($receiver->given as $output => [$address, $curve]) {
            self::assertTrue($output >= 1 && $output <= $bench->kit->outputs && $address >= 1 && $address <= 3);
            self::assertContains($curve, array_map(static fn (KitCurve $one): string => $one->curve, $bench->kit->curves));
            self::assertSame($hears ? $bench->faders[$address] ?? 0 : 0, $bench->level($receiver, $output));
        }
        $described = $bench->kit->receiver->sign($bench->lamp($receiver));
        self::assertSame($described, $bench->sign($receiver));
    }

    /** @return iterable<string, array{list<Move>, array<int, array{int, string|null}>, list<string>}> */
    public static function assignments(): iterable
    {
        $paired = [new Move(0.0, 's', 'on'), new Move(0.0, 'r', 'on')];
        $press = static fn (float $at, int $output): array => [
            new Move($at, 'r', 'press', 'Output '.$output), new Move($at + 0.1, 'r', 'let-go'),
        ];
        $raise = static fn (float $at, int $address, int $level): Move => new Move($at, 's', 'raise', null, $address, $level);
        yield 'each at its fader, with the curve of its level' => [
            [...$paired, $raise(5.0, 37, 100), ...$press(6.0, 1), $raise(9.0, 37, 0), $raise(9.0, 39, 200), ...$press(10.0, 2)],
            [1 => [37, 'linear'], 2 => [39, 'slow']],
            ['Output 1 of Tape listens at 037, curve linear by the level 100.', 'Output 2 of Tape listens at 039, curve slow by the level 200.'],
        ];
        yield 'no fader is up' => [
            [...$paired, ...$press(6.0, 3)],
            [],
            ['No fader is up: output 3 takes the address of the one that is raised.'],
        ];
        yield 'two faders are up' => [
            [...$paired, $raise(5.0, 40, 90), $raise(5.0, 38, 90), ...$press(6.0, 1)],
            [1 => [38, 'linear']],
            ['Output 1 of Tape listens at 038, curve linear by the level 90. 2 faders are up: it took the lowest.'],
        ];
        yield 'pressed once too often' => [
            [...$paired, $raise(5.0, 38, 90), ...$press(6.0, 1), ...$press(6.4, 1)],
            [],
            ['2 presses of output 1: it takes 1.'],
        ];
        yield 'before it is paired' => [
            [new Move(0.0, 'r', 'on'), $raise(5.0, 38, 90), ...$press(6.0, 1)],
            [],
            ['Tape hears no sender: pair it first, then give it its outputs.'],
        ];
        yield 'given anew' => [
            [...$paired, $raise(5.0, 38, 90), ...$press(6.0, 1), $raise(8.0, 38, 0), $raise(8.0, 41, 90), ...$press(9.0, 1)],
            [1 => [41, 'linear']],
            ['Output 1 of Tape listens at 038, curve linear by the level 90.', 'Output 1 of Tape listens at 041, curve linear by the level 90.'],
        ];
    }

    /**
     * @param list<Move>                          $moves
     * @param array<int, array{int, string|null}> $given
     * @param list<string>                        $said
     */
    #[DataProvider('assignments')]
    public function testOutputsTakeTheFaderThatIsUp(array $moves, array $given, array $said): void
    {
        $bench = self::bench('reed-link', 'Alder', 'Alder')->after($moves, 20.0);
        self::assertEquals($given, $bench->devices['r']->given);
        self::assertSame($said, $bench->said);
        foreach ($given as $output => [$address]) {
            self::assertSame($bench->faders[$address] ?? 0, $bench->level($bench->devices['r'], $output));
        }
    }

    public function testAKitWhoseOutputsFollowOneAnotherHasNoButtonsForThem(): void
    {
        $bench = self::bench('loon-pair', '2-1', '2-1')->after([
            new Move(0.0, 'r', 'on'), new Move(1.0, 'r', 'press', 'Output 1'), new Move(1.1, 'r', 'let-go'),
        ], 5.0);
        self::assertSame([], $bench->said);
    }

    public function testTimeNeverGoesBack(): void
    {
        $this->expectException(\DomainException::class);
        self::bench('reed-link', 'Alder', 'Alder')->at(5.0)->at(4.0);
    }

    public function testAReceiverThatNobodyPairedHearsNobodyThoughItIsSetAlike(): void
    {
        $kit = self::kit('reed-link');
        $bench = Bench::of($kit, [
            BenchDevice::sender('s', 'Booth', ['Alder']),
            BenchDevice::receiver('r', 'Tape', ['Alder'], isNew: true),
        ])->after([new Move(0.0, 's', 'on'), new Move(0.0, 'r', 'on')], 3.0);
        self::assertSame(LampState::Searching, $bench->lamp($bench->devices['r']));
        $paired = $bench->after([new Move(3.0, 'r', 'press', 'Name'), new Move(6.5, 'r', 'let-go', 'Name')], 7.0);
        self::assertSame(LampState::Linked, $paired->lamp($paired->devices['r']));
    }
}
