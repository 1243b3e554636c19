<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\Core\Input\Json;

/** The shapes of `chart.read` and `chart.learn`, and what they refuse. */
final class ChartTopicsTest extends TopicTestCase
{
    public function testChartReadAnswersInItsShape(): void
    {
        self::assertEquals([
            'modes' => [['name' => '', 'count' => 1, 'channels' => [[
                'offset' => 3, 'label' => 'Strobe', 'cell' => null, 'fineOf' => null, 'default' => 0, 'ranges' => [
                    ['from' => 0, 'to' => 9, 'label' => 'off', 'function' => 'open'],
                    ['from' => 10, 'to' => 249, 'label' => 'slow-fast', 'function' => 'strobe', 'start' => null, 'end' => null],
                    ['from' => 250, 'to' => 255, 'label' => 'on', 'function' => 'open'],
                ],
            ]]]],
            'emitters' => [],
            'remarks' => [['line' => 2, 'code' => 'not_understood', 'message' => '"The tide is out" was not understood.']],
        ], self::read("CH3 Strobe 000-009 off / 010-249 slow-fast / 250-255 on\nThe tide is out"));
    }

    /** @return iterable<string, array{string, list<array{int, int, string}>}> text of one channel, and its ranges */
    public static function bounds(): iterable
    {
        yield 'dots' => ['CH1 Shutter 0..9 closed / 10..255 open', [[0, 9, 'closed'], [10, 255, 'open']]];
        yield 'a tilde' => ['CH1 Shutter 0~9 closed, 10~255 open', [[0, 9, 'closed'], [10, 255, 'open']]];
        yield 'arrows' => ['CH1 Shutter 0<->9 closed; 10<->255 open', [[0, 9, 'closed'], [10, 255, 'open']]];
        yield 'words' => ['CH1 Shutter from 0 to 9 closed / 10 to 255 open', [[0, 9, 'closed'], [10, 255, 'open']]];
        yield 'signs' => ['CH1 Shutter <10 closed / >=10 open', [[0, 9, 'closed'], [10, 255, 'open']]];
        yield 'above and below' => ['CH1 Shutter below 10 closed / above 9 open', [[0, 9, 'closed'], [10, 255, 'open']]];
        yield 'and up' => ['CH1 Shutter 0-9 closed / 10+ open', [[0, 9, 'closed'], [10, 255, 'open']]];
        yield 'hexadecimal' => ['CH1 Shutter 00H-09H closed / 0AH-FFH open', [[0, 9, 'closed'], [10, 255, 'open']]];
        yield 'percents that touch' => ['CH1 Shutter 0-4 % closed / 5-100 % open', [[0, 10, 'closed'], [11, 255, 'open']]];
        yield 'percents that share an edge' => ['CH1 Shutter 0-4 % closed / 4-100 % open', [[0, 10, 'closed'], [11, 255, 'open']]];
        yield 'percents apart' => ['CH1 Shutter 0-4 % closed / 50-100 % open', [[0, 10, 'closed'], [128, 255, 'open']]];
        yield 'single values' => [
            'CH1 Shutter 0 closed / 1-254 strobe / 255 open',
            [[0, 0, 'closed'], [1, 254, 'strobe'], [255, 255, 'open']],
        ];
        yield 'turned round' => ['CH1 Shutter 9-0 closed / 255-10 open', [[0, 9, 'closed'], [10, 255, 'open']]];
        yield 'the words before the values' => ['CH1 Shutter: closed 0-9, open 10-255', [[0, 9, 'closed'], [10, 255, 'open']]];
        yield 'a gap stays a gap' => ['CH1 Shutter 0-9 closed / 20-29 open', [[0, 9, 'closed'], [20, 29, 'open']]];
    }

    /** @param list<array{int, int, string}> $ranges */
    #[DataProvider('bounds')]
    public function testBoundsAreReadHoweverTheyAreWritten(string $text, array $ranges): void
    {
        $modes = self::read($text)['modes'];

        self::assertSame(
            $ranges,
            array_map(
                static fn (array $range): array => [$range['from'], $range['to'], $range['function']],
                $modes[0]['channels'][0]['ranges'],
            ),
        );
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function quantities(): iterable
    {
        yield 'percent' => ['CH1 Dimmer 0-118 0-100 %', ['function' => 'intensity', 'start' => 0, 'end' => 1]];
        yield 'falling' => ['CH1 Dimmer 0-255 bright to dark', ['function' => 'intensity', 'start' => 1, 'end' => 0]];
        yield 'hertz' => ['CH1 Strobe 0-255 1-20 Hz', ['function' => 'strobe', 'start' => 1, 'end' => 20]];
        yield 'no figure' => ['CH1 Strobe 0-255 slow to fast', ['function' => 'strobe', 'start' => null, 'end' => null]];
        yield 'a travel' => ['CH1 Pan 0-255 540°', ['function' => 'pan', 'start' => -270, 'end' => 270]];
        yield 'turned round with its speed' => ['CH1 Strobe 255-0 1-20 Hz', ['function' => 'strobe', 'start' => 20, 'end' => 1]];
        yield 'kelvin' => ['CH1 CTO 0-255 2700K-6500K', ['function' => 'white-point', 'start' => 2700, 'end' => 6500]];
        yield 'a speed that falls' => ['CH1 Macro speed 0-255 fast to slow', ['function' => 'program-speed', 'start' => 1, 'end' => 0]];
        yield 'zoom in degrees' => ['CH1 Zoom 0-255 10°-40°', ['function' => 'zoom', 'start' => 10, 'end' => 40]];
        yield 'a motor the other way' => [
            'CH1 Mirror motor 0-255 counter-clockwise 1-30 rpm',
            ['function' => 'turn', 'start' => -1, 'end' => -30],
        ];
        yield 'a slot that is open' => ['CH1 Colour wheel 0-255 open', ['function' => 'wheel', 'slot' => 0, 'hex' => '#ffffff']];
        yield 'a shaken gobo' => ['CH1 Gobo 0-255 gobo 3 shake', ['function' => 'gobo', 'slot' => 3]];
    }

    /** @param array<string, mixed> $members */
    #[DataProvider('quantities')]
    public function testQuantitiesAreReadFromTheWords(string $text, array $members): void
    {
        $modes = self::read($text)['modes'];

        self::assertSame($members, array_intersect_key($modes[0]['channels'][0]['ranges'][0], $members));
    }

    /** @return iterable<string, array{string, mixed, string, string}> */
    public static function refusals(): iterable
    {
        yield 'no text' => ['chart.read', [], 'missing', 'text'];
        yield 'a number for a text' => ['chart.read', ['text' => 7], 'wrong_type', 'text'];
        yield 'too many lines' => ['chart.read', ['text' => str_repeat("a\n", 2001).'b'], 'out_of_range', 'text'];
        yield 'no notes' => ['chart.learn', [], 'missing', 'notes'];
        yield 'a value past 255' => ['chart.learn', ['notes' => [['value' => 256, 'what' => 'open']]], 'out_of_range', 'notes[0].value'];
        yield 'half a value' => ['chart.learn', ['notes' => [['value' => 1.5, 'what' => 'open']]], 'wrong_type', 'notes[0].value'];
        yield 'nothing said' => ['chart.learn', ['notes' => [['value' => 1]]], 'missing', 'notes[0].what'];
        yield 'a member too many' => [
            'chart.learn',
            ['notes' => [['value' => 1, 'what' => 'a', 'why' => 'b']]],
            'unknown_member',
            'notes[0].why',
        ];
    }

    #[DataProvider('refusals')]
    public function testWhatIsRefused(string $topic, mixed $input, string $code, string $field): void
    {
        self::assertRefused($code, $field, $topic, Json::encode([] === $input ? new \stdClass() : $input));
    }

    /** @return array{modes: list<array{channels: list<array{ranges: list<array<string, mixed>>}>}>} */
    private static function read(string $text): array
    {
        /** @var array{modes: list<array{channels: list<array{ranges: list<array<string, mixed>>}>}>} */
        return self::compute('chart.read', Json::encode(['text' => $text]));
    }
}
