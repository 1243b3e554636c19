<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Desk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Desk\TapeNote;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeFunction;

final class TapeNoteTest extends TestCase
{
    /** @return iterable<string, array{list<Range>, string|null}> */
    public static function channels(): iterable
    {
        yield 'full at the top needs no words' => [[new Range(0, 255, 'Dim', RangeFunction::Intensity, 0.0, 1.0)], null];
        yield 'full below the top' => [
            [new Range(0, 118, 'Dim', RangeFunction::Intensity, 0.0, 1.0), new Range(119, 255, 'Open', RangeFunction::Open)],
            'full 118',
        ];
        yield 'full at the foot' => [[new Range(0, 255, 'Dim', RangeFunction::Intensity, 1.0, 0.0)], 'full 0'];
        yield 'a shutter open at the top' => [
            [
                new Range(0, 23, 'Closed', RangeFunction::Closed),
                new Range(24, 210, 'Flash', RangeFunction::Strobe, 1.0, 9.0),
                new Range(211, 255, 'Open', RangeFunction::Open),
            ],
            'open 211+',
        ];
        yield 'a shutter open at the foot' => [
            [new Range(0, 9, 'Open', RangeFunction::Open), new Range(10, 255, 'Flash', RangeFunction::Strobe, 1.0, 9.0)],
            'open 0–9',
        ];
        yield 'open wherever it stands' => [[new Range(0, 255, 'Open', RangeFunction::Open)], null];
        yield 'a colour' => [[new Range(0, 255, 'Red', RangeFunction::Emitter, 0.0, 1.0, 'red')], null];
        yield 'nothing' => [[], null];
    }

    /** @param list<Range> $ranges */
    #[DataProvider('channels')]
    public function testSaysTheNumberThatAHandNeeds(array $ranges, ?string $expected): void
    {
        self::assertSame($expected, TapeNote::of(new Channel(1, 'X', null, null, 0, $ranges)));
        self::assertNull(TapeNote::of(new Channel(2, 'X fine', null, 1, 0, $ranges)));
    }
}
