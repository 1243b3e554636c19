<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Page;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Page\Bound;
use Rigger\Core\Page\BoundScanner;
use Rigger\Core\Page\CellNumbers;
use Rigger\Core\Page\ChannelMark;
use Rigger\Core\Page\ColourNames;
use Rigger\Core\Page\EmitterWords;
use Rigger\Core\Page\FinePairing;
use Rigger\Core\Page\ModeHeading;
use Rigger\Core\Page\Notation;
use Rigger\Core\Page\Subject;
use Rigger\Core\Page\Vocabulary;

/** The parts of the reader, each by its own table. */
final class ChartPartsTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> text, and bounds as "from-to" with h or % */
    public static function texts(): iterable
    {
        yield 'no values' => ['Strobe 0.8-16 Hz', []];
        yield 'a travel' => ['Pan 540°', []];
        yield 'bits' => ['16 bit', []];
        yield 'the numbers of a name' => ['Program 1-8 128-255', ['128-255']];
        yield 'a name and its own values' => ['Gobo 3 30-44', ['30-44']];
        yield 'a gobo channel over all' => ['Gobo 0-255', ['0-255']];
        yield 'a name before values that go on' => ['x 0-9, Program 10-19', ['0-9', '10-19']];
        yield 'facets' => ['3-facet prism 128-255', ['128-255']];
        yield 'kelvin' => ['2700-6500K 0-255', ['0-255']];
        yield 'hexadecimal with a prefix' => ['0x00-0x0F off', ['0-15h']];
        yield 'one end marked' => ['20-FFh', ['32-255h']];
        yield 'angle brackets' => ['0 <> 4 off', ['0-4']];
        yield 'a single value between' => ['1-127 slow 128 stop 129-255 fast', ['1-127', '128-128', '129-255']];
        yield 'percent and value' => ['0-255 0-100%', ['0-255', '0-100%']];
        yield 'past 256' => ['0-540', []];
        yield 'counted from one' => ['1-256', ['1-256']];
        yield 'a count of channels' => ['3CH', []];
    }

    /** @param list<string> $expected */
    #[DataProvider('texts')]
    public function testValuesAreFoundInATextAndNothingElse(string $text, array $expected): void
    {
        self::assertSame($expected, array_map(static fn (Bound $bound): string => $bound->from.'-'.$bound->to.match ($bound->notation) {
            Notation::Decimal => '',
            Notation::Hexadecimal => 'h',
            Notation::Percent => '%',
        }, BoundScanner::scan($text)));
    }

    /** @return iterable<string, array{string, list<int>|null, string}> */
    public static function marks(): iterable
    {
        yield 'CH3' => ['CH3 Strobe', [3], 'Strobe'];
        yield 'Channel 03:' => ['Channel 03: Strobe', [3], 'Strobe'];
        yield 'Ch. 12 -' => ['Ch. 12 - Strobe', [12], 'Strobe'];
        yield 'two at once' => ['CH 1/2 Pan / Pan fine', [1, 2], 'Pan / Pan fine'];
        yield 'a run' => ['CH3-CH5 Red, Green, Blue', [3, 4, 5], 'Red, Green, Blue'];
        yield 'a number of channels' => ['9 channels', null, ''];
        yield 'no channel' => ['Changes colour', null, ''];
        yield 'past 512' => ['CH600 Dimmer', null, ''];
    }

    /** @param list<int>|null $numbers */
    #[DataProvider('marks')]
    public function testAChannelsMarkIsRead(string $text, ?array $numbers, string $rest): void
    {
        $mark = ChannelMark::strong($text);

        self::assertSame($numbers, $mark?->numbers);
        self::assertSame($rest, $mark->rest ?? '');
    }

    /** @return iterable<string, array{string, string|null, int|null}> */
    public static function headings(): iterable
    {
        yield 'a count' => ['9-channel mode', '9-channel mode', 9];
        yield 'short' => ['16CH:', '16CH', 16];
        yield 'a number of a mode' => ['Mode 2', 'Mode 2', null];
        yield 'both' => ['MODE A (5 channels)', 'MODE A (5 channels)', 5];
        yield 'a kind' => ['Extended mode', 'Extended mode', null];
        yield 'goes on' => ['9-channel mode (continued)', '9-channel mode', 9];
        yield 'a title of two' => ['DMX chart 11CH / 16CH', null, null];
        yield 'a program' => ['Auto mode', null, null];
        yield 'words' => ['The tide is out', null, null];
    }

    #[DataProvider('headings')]
    public function testAHeadingOfAModeIsKnown(string $line, ?string $name, ?int $count): void
    {
        $heading = ModeHeading::of($line);

        self::assertSame([$name, $count], [$heading?->name, $heading?->count]);
    }

    /** @return iterable<string, array{string, Subject}> */
    public static function words(): iterable
    {
        foreach ([
            'Dim.' => Subject::Intensity, 'Shut.' => Subject::Shutter, 'Sp.' => Subject::Speed, 'X axis' => Subject::Pan,
            'Y-Axis' => Subject::Tilt, 'N/A' => Subject::Unused,
            'W' => Subject::Emitter, 'Red dimmer' => Subject::Emitter, 'Master dimmer' => Subject::Intensity,
            'Color wheel' => Subject::Wheel, 'Colour macro' => Subject::Preset,
            'Pan/Tilt speed' => Subject::MoveTime, 'P/T Sp.' => Subject::MoveTime, 'Effect speed' => Subject::ProgramSpeed,
            'Gobo rotation' => Subject::GoboSpin, 'Prism rotation' => Subject::Prism,
            'Sound sensitivity' => Subject::Sound, 'Sound active' => Subject::Program, 'Colour temperature' => Subject::WhitePoint,
            'Green-Magenta' => Subject::Tint, 'Fan speed' => Subject::Output,
            'Mirror motor' => Subject::Turn, 'Reset' => Subject::Reset, 'Dimmer curve' => Subject::Foreign,
            'Blackout while moving' => Subject::Foreign, 'Pan endless' => Subject::PanSpin, 'Seaweed' => Subject::Unknown,
        ] as $text => $subject) {
            yield $text => [$text, $subject];
        }
    }

    #[DataProvider('words')]
    public function testAWordHasItsSubject(string $text, Subject $subject): void
    {
        self::assertSame($subject, Vocabulary::subjectOf($text));
    }

    public function testEmittersAndColoursAreKnownByTheirNames(): void
    {
        self::assertSame(
            ['red', 'warm-white', 'cool-white', 'uv', 'amber', null],
            array_map(EmitterWords::keyOf(...), ['R1', 'WW', 'Cold white LED 3', 'U.V.', 'Pixel 4 Amber', 'Dimmer']),
        );
        self::assertSame(
            ['#ff0000', '#80c0ff', '#ffff00', '#12ab34', null, null],
            array_map(ColourNames::hexOf(...), ['Red', 'Light blue', 'R+G', 'Sea #12AB34', 'Red/Amber', 'Seaweed']),
        );
    }

    public function testFineChannelsAreTiedToTheOneTheyName(): void
    {
        self::assertSame(
            [4 => 1, 5 => 3],
            FinePairing::of([1 => 'Pan', 2 => 'Pan rotation', 3 => 'Tilt', 4 => 'Pan fine', 5 => 'Tilt 16 bit']),
        );
        self::assertSame([2 => 1], FinePairing::of([1 => 'Pan 16 bit', 2 => 'Pan fine']));
        self::assertSame([2 => 1, 4 => 3], FinePairing::of([1 => 'Dimmer 1', 2 => 'Dimmer 1 fine', 3 => 'Dimmer 2', 4 => 'Dimmer 2 LSB']));
        self::assertSame([3 => 2], FinePairing::of([1 => 'Pan', 2 => 'Tilt', 3 => 'Fine']));
        self::assertSame([], FinePairing::of([1 => 'Fine']));
    }

    public function testNumbersThatRunFromOneAreCells(): void
    {
        $all = static fn (array $labels, Subject $subject): array => CellNumbers::of(
            $labels,
            array_map(static fn (): Subject => $subject, $labels),
        );
        self::assertSame([1 => 1, 2 => 2], $all([1 => 'Red 1', 2 => 'Red 2'], Subject::Emitter));
        self::assertSame([1 => 1, 2 => 1, 3 => 2, 4 => 2], $all([1 => 'R1', 2 => 'G1', 3 => 'R2', 4 => 'G2'], Subject::Emitter));
        self::assertSame([], $all([1 => 'Red 1', 2 => 'Red 3'], Subject::Emitter));
        self::assertSame([], $all([1 => 'Gobo 1', 2 => 'Gobo 2'], Subject::Gobo));
        self::assertSame([], $all([1 => 'Red 1'], Subject::Emitter));
    }
}
