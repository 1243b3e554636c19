<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Desk;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Desk\DeskOutput;
use Rigger\Core\Desk\DeskState;

final class DeskOutputTest extends TestCase
{
    use TestTrait;

    private const ROWS = ['layout' => 'preset', 'buttons' => null, 'stride' => null, 'pages' => null];

    /**
     * @return iterable<string, array{array<string, mixed>, DeskState, array<int, int>}> change of Tenfold, state, what is sent; dimmers
     *                                                                                   listen at 1 and 3
     */
    public static function positions(): iterable
    {
        $up = [1 => 255, 2 => 100];
        yield 'faders alone' => [[], new DeskState($up), $up];
        yield 'a fader at 0 is not told' => [[], new DeskState([1 => 0, 2 => 5]), [2 => 5]];
        yield 'what no fader reaches rests at 0' => [[], new DeskState([140 => 9, 141 => 9]), [140 => 9]];
        yield 'a master over everything' => [[], new DeskState($up, [], 128), [1 => 128, 2 => 50]];
        yield 'a master over dimmers' => [['master' => 'dimmers'], new DeskState($up, [], 128), [1 => 128, 2 => 100]];
        yield 'blackout of everything' => [[], new DeskState($up, [], 255, true), []];
        yield 'blackout of dimmers leaves colours' => [['master' => 'dimmers'], new DeskState($up, [], 255, true), [2 => 100]];
        yield 'a desk without a master has no blackout' => [['master' => 'none'], new DeskState($up, [], 0, true), $up];
        yield 'nor one of which nobody said' => [['master' => null], new DeskState($up, [], 0, true), $up];
        yield 'the first row' => [self::ROWS, new DeskState($up, [1 => 10]), $up];
        yield 'the second row' => [self::ROWS, new DeskState($up, [1 => 10, 3 => 20], 255, false, 0, 255), [1 => 10, 3 => 20]];
        yield 'half-way, each gives half' => [self::ROWS, new DeskState([1 => 200], [2 => 100], 255, false, 128, 127), [1 => 100, 2 => 50]];
        yield 'both up: the higher of the two' => [
            self::ROWS,
            new DeskState([1 => 200, 2 => 30], [1 => 90, 2 => 60], 255, false, 255, 255),
            [1 => 200, 2 => 60],
        ];
        yield 'both down is dark' => [self::ROWS, new DeskState($up, $up, 255, false, 0, 0), []];
        yield 'joined rows do not crossfade' => [
            ['wide' => true] + self::ROWS,
            new DeskState([1 => 9, 14 => 8, 15 => 7], [1 => 200], 255, false, 0, 255),
            [1 => 9, 14 => 8],
        ];
        yield 'blend first, then the master' => [self::ROWS, new DeskState([1 => 200], [1 => 100], 51, false, 255, 0), [1 => 40]];
    }

    /**
     * @param array<string, mixed> $change
     * @param array<int, int>      $expected
     */
    #[DataProvider('positions')]
    public function testSends(array $change, DeskState $state, array $expected): void
    {
        self::assertSame($expected, DeskOutput::of(Desks::tenfold($change))->slots($state, [1 => true, 3 => true]));
    }

    public function testAFadeBetweenEqualRowsNeverDips(): void
    {
        $output = DeskOutput::of(Desks::tenfold(self::ROWS));
        $this->forAll(
            Generators::choose(1, 255),
            Generators::choose(0, 255),
        )->then(static function (int $value, int $at) use ($output): void {
            self::assertSame([1 => $value], $output->slots(new DeskState([1 => $value], [1 => $value], 255, false, 255 - $at, $at), []));
        });
    }

    public function testWhatIsSentIsNeverAboveTheHighestFaderAndAHigherMasterNeverDims(): void
    {
        $output = DeskOutput::of(Desks::tenfold(self::ROWS));
        $this->forAll(
            Generators::choose(0, 255),
            Generators::choose(0, 255),
            Generators::choose(0, 255),
            Generators::choose(0, 255),
            Generators::choose(0, 254),
        )
            ->then(static function (int $a, int $b, int $crossA, int $crossB, int $master) use ($output): void {
                $at = static fn (int $level): int => $output->slots(
                    new DeskState([1 => $a], [1 => $b], $level, false, $crossA, $crossB),
                    [],
                )[1] ?? 0;
                self::assertLessThanOrEqual(max($a, $b), $at(255));
                self::assertLessThanOrEqual($at($master + 1), $at($master));
            });
    }

    public function testTheShippedDesksSendWhatTheirFadersHold(): void
    {
        foreach (Desks::shipped() as $name => $desk) {
            $held = [];
            foreach ($desk->faders() as $index => $fader) {
                $held[$fader->address] = $index % 255 + 1;
            }
            self::assertSame($held, DeskOutput::of($desk)->slots(new DeskState($held), []), $name);
        }
    }
}
