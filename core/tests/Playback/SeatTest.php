<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Playback;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Desk\DeskState;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Input\Members;
use Rigger\Core\Playback\CommandReader;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\Seat;
use Rigger\Core\Playback\State;
use Rigger\Core\Playback\StateReader;
use Rigger\Core\Playback\TrialKind;
use Rigger\Core\Tests\Rig\Rigs;

/** What a hand does at a seat of the demo, and what is sent then. */
final class SeatTest extends TestCase
{
    private static CompiledRig $rig;

    public static function setUpBeforeClass(): void
    {
        self::$rig = CompiledRig::of(Rigs::demo());
    }

    private static function seat(): Seat
    {
        return Seat::take(self::$rig, new State(new DeskState([1 => 10, 15 => 20])));
    }

    /** @param list<array<string, mixed>> $commands */
    private static function do(Seat $seat, array $commands, float $seconds = 0.0): Seat
    {
        $seat->do(...CommandReader::readAll(Members::open(Json::decode(Json::encode(['commands' => $commands]))), 'commands'));
        $seat->tick($seconds);

        return $seat;
    }

    /** @return iterable<string, array{list<array<string, mixed>>, array<int, int>}> commands, and what is sent then of 1, 15 and 29 */
    public static function hands(): iterable
    {
        yield 'nothing' => [[], [1 => 10, 15 => 20]];
        yield 'a fader' => [[['do' => 'move-faders', 'slots' => ['29' => 30]]], [1 => 10, 15 => 20, 29 => 30]];
        yield 'all to 0' => [[['do' => 'clear-faders']], []];
        yield 'a fader is held' => [[['do' => 'try-fader', 'kind' => 'hold', 'address' => 1]], [1 => 255, 15 => 20]];
        yield 'a fader that blinks begins up' => [[['do' => 'try-fader', 'kind' => 'blink', 'address' => 15]], [1 => 10, 15 => 255]];
        yield 'held, whatever the hand does' => [
            [['do' => 'try-fader', 'kind' => 'hold', 'address' => 1], ['do' => 'move-faders', 'slots' => ['1' => 3]]],
            [1 => 255, 15 => 20],
        ];
        yield 'let go, it is where the hand put it' => [
            [
                ['do' => 'try-fader', 'kind' => 'hold', 'address' => 1],
                ['do' => 'move-faders', 'slots' => ['1' => 3]],
                ['do' => 'let-go'],
            ],
            [1 => 3, 15 => 20],
        ];
        yield 'somebody else\'s values' => [[['do' => 'send-instead', 'slots' => ['29' => 7]]], [29 => 7]];
        yield 'and the faders again' => [
            [['do' => 'send-instead', 'slots' => ['29' => 7]], ['do' => 'send-instead', 'slots' => null]],
            [1 => 10, 15 => 20],
        ];
        yield 'the second row of a desk that has one alone' => [
            [['do' => 'move-faders', 'slots' => ['1' => 200], 'row' => 'second']],
            [1 => 10, 15 => 20],
        ];
    }

    /**
     * @param list<array<string, mixed>> $commands
     * @param array<int, int>            $sent
     */
    #[DataProvider('hands')]
    public function testSendsWhatTheHandDid(array $commands, array $sent): void
    {
        $slots = self::do(self::seat(), $commands)->frame()->slots(1);
        self::assertSame($sent, array_intersect_key($slots, [1 => 0, 15 => 0, 29 => 0]));
    }

    public function testALookStaysTheLookUntilAFaderMoves(): void
    {
        $look = (string) array_key_last(self::$rig->looks);
        $seat = self::do(self::seat(), [['do' => 'recall-look', 'look' => $look], ['do' => 'set-master', 'value' => 100]]);
        self::assertSame($look, $seat->state()->recalled);
        self::assertNull(self::do($seat, [['do' => 'move-faders', 'slots' => ['1' => 1]]])->state()->recalled);
    }

    public function testBlinksByItsOwnTime(): void
    {
        $seat = self::do(self::seat(), [['do' => 'try-fader', 'kind' => 'blink', 'address' => 15]], 0.3);
        $seen = [];
        foreach (range(1, 8) as $_) {
            $seen[] = [round((float) $seat->next(), 3), $seat->tick(0.25)->slots(1)[15] ?? 0];
        }
        self::assertSame(
            [[0.2, 0], [0.45, 0], [0.2, 255], [0.45, 255], [0.2, 0], [0.45, 0], [0.2, 255], [0.45, 255]],
            $seen,
        );
    }

    public function testWalksOneByOneAndRoundAgain(): void
    {
        $count = \count(self::$rig->walk(TrialKind::Units));
        self::assertGreaterThan(5, $count);
        $seat = self::do(self::seat(), [['do' => 'walk-desk', 'by' => 'units', 'seconds' => 2]]);
        $steps = [];
        for ($nth = 0; $nth < $count + 1; ++$nth) {
            $steps[] = self::$rig->step($seat->state());
            self::assertEqualsWithDelta(2.0, (float) $seat->next(), 1e-6);
            $seat->tick(2.0);
        }
        self::assertSame([...range(0, $count - 1), 0], $steps);
        self::do($seat, [['do' => 'go-to-step', 'index' => -1]]);
        self::assertSame($count - 1, self::$rig->step($seat->state()));
        self::do($seat, [['do' => 'run-walk', 'on' => false]], 50.0);
        self::assertNull($seat->next());
        self::assertSame($count - 1, self::$rig->step($seat->state()));
        self::do($seat, [['do' => 'run-walk', 'on' => true, 'seconds' => 1]], 1.0);
        self::assertSame(0, self::$rig->step($seat->state()));
    }

    public function testAWalkedFaderGoesUpAndDownWithEachStepAnew(): void
    {
        $seat = self::do(self::seat(), [['do' => 'walk-desk', 'by' => 'faders', 'seconds' => 1.2]]);
        $address = self::$rig->walk(TrialKind::Faders)[0]->address;
        self::assertNotNull($address);
        $first = $seat->frame()->slots(1);
        self::assertGreaterThan(0, $first[$address]);
        self::assertSame(array_diff_key($first, [$address => 0]), $seat->tick(0.6)->slots(1));
        self::assertSame($first, $seat->tick(0.45)->slots(1), 'up again after a second');
        self::assertEqualsWithDelta(0.15, (float) $seat->next(), 1e-6, 'the next step comes before the next half blink');
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> command, code, field */
    public static function refusals(): iterable
    {
        yield 'no word' => [['look' => 'x'], 'missing', 'commands[0].do'];
        yield 'another word' => [['do' => 'explode'], 'not_a_choice', 'commands[0].do'];
        yield 'a look that is gone' => [['do' => 'recall-look', 'look' => 'x'], 'unknown_look', 'commands[0].look'];
        yield 'a fader past 512' => [['do' => 'move-faders', 'slots' => ['513' => 1]], 'address_out_of_range', 'commands[0].slots.513'];
        yield 'a value past 255' => [['do' => 'move-faders', 'slots' => ['1' => 256]], 'out_of_range', 'commands[0].slots.1'];
        yield 'a third row' => [['do' => 'move-faders', 'slots' => [], 'row' => 'third'], 'not_a_choice', 'commands[0].row'];
        yield 'a master past 255' => [['do' => 'set-master', 'value' => 300], 'out_of_range', 'commands[0].value'];
        yield 'a flash faster than people bear' => [['do' => 'walk-desk', 'by' => 'units', 'seconds' => 0.1], 'out_of_range', 'commands[0].seconds'];
        yield 'another member' => [['do' => 'let-go', 'gently' => true], 'unknown_member', 'commands[0].gently'];
    }

    /** @param array<string, mixed> $command */
    #[DataProvider('refusals')]
    public function testRefusesWhatCannotBeDoneAndDoesNothingOfIt(array $command, string $code, string $field): void
    {
        $seat = self::seat();
        try {
            self::do($seat, [$command, ['do' => 'clear-faders']]);
            self::fail('It was done.');
        } catch (InputError $error) {
            self::assertSame([$code, $field], [$error->errorCode, $error->field]);
        }
        self::assertSame([1 => 10, 15 => 20], $seat->tick(0.0)->slots(1));
    }

    public function testWhereItStandsComesBackWhole(): void
    {
        $seat = self::seat();
        foreach ([
            ['do' => 'set-cross', 'fader' => 'crossB', 'value' => 90],
            ['do' => 'move-faders', 'slots' => ['2' => 5], 'row' => 'second'],
            ['do' => 'set-blackout', 'on' => true],
            ['do' => 'walk-desk', 'by' => 'units', 'seconds' => 2],
            ['do' => 'go-to-step', 'index' => 3],
            ['do' => 'run-walk', 'on' => false],
            ['do' => 'try-fader', 'kind' => 'hold', 'address' => 7],
            ['do' => 'send-instead', 'slots' => ['9' => 9]],
            ['do' => 'let-go'],
        ] as $command) {
            self::do($seat, [$command]);
            $kept = Json::encode(StateReader::write($seat->state(), self::$rig));
            $back = Seat::take(self::$rig, StateReader::read(Members::open(Json::decode($kept))));
            self::assertEquals($seat->frame(), $back->frame(), $command['do']);
            self::assertSame($kept, Json::encode(StateReader::write($back->state(), self::$rig)));
        }
    }
}
