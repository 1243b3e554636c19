<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\Core\Input\Json;
use Rigger\Core\Tests\Profile\Charts;

final class LightEvaluateTest extends TopicTestCase
{
    /**
     * @param array<string, mixed> $document
     * @param list<int>            $values
     *
     * @return array<string, mixed>
     */
    private static function evaluate(array $document, array $values): array
    {
        $answer = self::compute('light.evaluate', Json::encode(['profile' => $document, 'mode' => 'm', 'values' => $values]));
        self::assertIsArray($answer);

        return $answer;
    }

    /** @return array<string, mixed> */
    private static function drum(): array
    {
        return Charts::document([
            ['label' => 'Dimmer', 'ranges' => [Charts::level()]],
            ['label' => 'Red', 'ranges' => [Charts::emitter('red')]],
            ['label' => 'Green', 'ranges' => [Charts::emitter('green')]],
            ['label' => 'Blue', 'ranges' => [Charts::emitter('blue')]],
            [
                'label' => 'Shutter',
                'ranges' => [
                    Charts::range(0, 23, 'closed', [], 'Closed'),
                    Charts::range(24, 210, 'strobe', ['start' => 1, 'end' => 16]),
                    Charts::range(220, 255, 'open'),
                ],
            ],
            ['label' => 'Program', 'ranges' => [Charts::range(0, 9, 'none'), Charts::range(10, 255, 'program', [], 'Tide')]],
        ]);
    }

    public function testOneEmitterAloneHasItsOwnColourAndItsShareOfTheLight(): void
    {
        $answer = self::evaluate(self::drum(), [255, 255, 0, 0, 255, 0]);
        $cell = $answer['cells'][0];
        self::assertEqualsWithDelta(0.7, $cell['x'], 1e-9);
        self::assertEqualsWithDelta(0.299, $cell['y'], 1e-9);
        self::assertEqualsWithDelta(0.25 / 0.88, $cell['brightness'], 1e-9);
        self::assertSame(1, $cell['intensity']);
        self::assertSame([], $cell['dark']);
        self::assertSame(
            [
                ['channel' => 1, 'range' => 0],
                ['channel' => 2, 'range' => 0],
                ['channel' => 3, 'range' => 0],
                ['channel' => 4, 'range' => 0],
                ['channel' => 5, 'range' => 2],
                ['channel' => 6, 'range' => 0],
            ],
            $answer['active'],
        );
    }

    public function testEveryEmitterAtFullIsBrightnessOneAndMixesByFlux(): void
    {
        $cell = self::evaluate(self::drum(), [255, 255, 255, 255, 255, 0])['cells'][0];
        // X = Σ flux·x/y and Z likewise, by hand: 0.25·0.7/0.299 + 0.55·0.17/0.7 + 0.08·0.135/0.06, and so on.
        $x = 0.25 * 0.7 / 0.299 + 0.55 * 0.17 / 0.7 + 0.08 * 0.135 / 0.06;
        $z = 0.25 * 0.001 / 0.299 + 0.55 * 0.13 / 0.7 + 0.08 * 0.805 / 0.06;
        self::assertEqualsWithDelta(1.0, $cell['brightness'], 1e-12);
        self::assertEqualsWithDelta($x / ($x + 0.88 + $z), $cell['x'], 1e-9);
        self::assertEqualsWithDelta(0.88 / ($x + 0.88 + $z), $cell['y'], 1e-9);
    }

    public function testNamesEachReasonForDarkInChannelOrderWithColourLast(): void
    {
        $dark = self::evaluate(self::drum(), [0, 0, 0, 0, 9, 0])['cells'][0];
        self::assertSame([null, null, null, 0], [$dark['x'], $dark['y'], $dark['hex'], $dark['brightness']]);
        self::assertSame(
            [[1, 0, 'dimmer_down'], [5, 9, 'closed'], [null, null, 'no_colour']],
            array_map(static fn (array $row): array => [$row['channel'], $row['value'], $row['reason']], $dark['dark']),
        );
        self::assertStringContainsString('Shutter (5) at 9 is in Closed, 0–23', $dark['dark'][1]['message']);
    }

    public function testAFallingDimmerIsExactlyDarkAtItsEnd(): void
    {
        foreach ([3, 7, 49, 118, 254, 255] as $to) {
            $cell = self::evaluate(Charts::document([['ranges' => [Charts::level(0, $to, 'intensity', 1, 0)]]]), [$to])['cells'][0];
            self::assertSame('dimmer_down', $cell['dark'][0]['reason'], 'to '.$to);
        }
    }

    public function testFlashIsTheFastestActiveRate(): void
    {
        $cell = self::evaluate(self::drum(), [255, 255, 0, 0, 117, 0])['cells'][0];
        self::assertEqualsWithDelta(1 + 15 * 93 / 186, $cell['flash'], 1e-9);
    }

    public function testAProgramDecidesByItself(): void
    {
        $answer = self::evaluate(self::drum(), [128, 255, 0, 0, 255, 200]);
        self::assertSame('Tide', $answer['selfRunning']);
        self::assertSame([null, []], [$answer['cells'][0]['hex'], $answer['cells'][0]['dark']]);
        self::assertEqualsWithDelta(128 / 255, $answer['cells'][0]['brightness'], 1e-9);
    }

    public function testAValueInAGapHasNoRangeAndChangesNothing(): void
    {
        $answer = self::evaluate(self::drum(), [255, 255, 0, 0, 215, 0]);
        self::assertNull($answer['active'][4]['range']);
        self::assertSame(1, $answer['cells'][0]['intensity']);
    }

    public function testCellsShareWholeFixtureChannels(): void
    {
        $document = Charts::document([
            ['ranges' => [Charts::level()]],
            ['cell' => 1, 'ranges' => [Charts::emitter('red')]],
            ['cell' => 2, 'ranges' => [Charts::emitter('red')]],
            ['cell' => 2, 'ranges' => [Charts::emitter('blue')]],
        ]);
        $cells = self::evaluate($document, [255, 255, 255, 0])['cells'];
        self::assertSame([1, 2], array_column($cells, 'cell'));
        self::assertEqualsWithDelta(1.0, $cells[0]['brightness'], 1e-12);
        self::assertEqualsWithDelta(0.25 / 0.33, $cells[1]['brightness'], 1e-9);
        self::assertSame(
            [['dimmer_down'], ['dimmer_down', 'no_colour']],
            array_map(
                static fn (array $cell): array => array_column($cell['dark'], 'reason'),
                self::evaluate($document, [0, 9, 0, 0])['cells'],
            ),
        );
    }

    public function testAFineByteRefinesAndNeverEmptiesTheSpan(): void
    {
        $document = Charts::document([
            ['ranges' => [Charts::range(0, 255, 'pan', ['start' => -270, 'end' => 270])]],
            ['label' => 'Dimmer', 'ranges' => [Charts::range(7, 7, 'intensity', ['start' => 0, 'end' => 1]), Charts::level(8, 255)]],
            ['fineOf' => 1],
            ['fineOf' => 2],
        ]);
        self::assertEqualsWithDelta(
            -270 + 540 * (128 + 64 / 256) / (255 + 255 / 256),
            self::evaluate($document, [128, 255, 64, 0])['pan'],
            1e-9,
        );
        self::assertEqualsWithDelta(270, self::evaluate($document, [255, 255, 255, 0])['pan'], 1e-9);
        self::assertEqualsWithDelta(128 / 255, self::evaluate($document, [0, 7, 0, 128])['cells'][0]['intensity'], 1e-9);
    }

    /** @return iterable<string, array{list<array<string, mixed>>, list<int>, string|null, float}> */
    public static function colours(): iterable
    {
        $dim = ['ranges' => [Charts::level()]];
        $preset = ['ranges' => [Charts::range(0, 9, 'none'), Charts::range(10, 255, 'colour-preset', ['hex' => '#804000'])]];
        $wheel = ['ranges' => [
            Charts::range(0, 9, 'wheel', ['slot' => 0]),
            Charts::range(10, 255, 'wheel', ['slot' => 1, 'hex' => '#0000FF']),
        ]];
        $lamp = '#ffb76d';
        yield 'a preset replaces the emitters and shines at full colour' => [
            [$dim, ['ranges' => [Charts::emitter('red')]], $preset],
            [128, 0, 200],
            '#ff8600',
            128 / 255,
        ];
        yield 'no preset: the lamp' => [[$dim, $preset], [255, 0], $lamp, 1.0];
        yield 'an open slot without hex shows the lamp' => [[$dim, $wheel], [255, 0], $lamp, 1.0];
        yield 'a slot with hex' => [[$dim, $wheel], [51, 255], '#0000ff', 0.2];
        yield 'of two the lower channel' => [[$dim, $wheel, $preset], [255, 255, 255], '#0000ff', 1.0];
        yield 'only a dimmer: the lamp' => [[$dim], [255], $lamp, 1.0];
        yield 'the greater of two channels of one emitter' => [
            [['ranges' => [Charts::emitter('red')]], ['ranges' => [Charts::emitter('red')]]],
            [51, 102],
            '#ff003f',
            0.4,
        ];
        yield 'a mode that cannot shine' => [[['ranges' => [Charts::range(0, 255, 'gobo', ['slot' => 1])]]], [9], null, 0.0];
    }

    /**
     * @param list<array<string, mixed>> $channels
     * @param list<int>                  $values
     */
    #[DataProvider('colours')]
    public function testColour(array $channels, array $values, ?string $hex, float $brightness): void
    {
        $cell = self::evaluate(Charts::document($channels), $values)['cells'][0];
        self::assertSame($hex, $cell['hex']);
        self::assertEqualsWithDelta($brightness, $cell['brightness'], 1e-9);
    }

    public function testAWhitePointGivesTheColourOfItsTemperatureMovedByTheTint(): void
    {
        $channels = [
            ['ranges' => [Charts::level()]],
            ['ranges' => [Charts::range(0, 127, 'white-point', ['start' => 2000, 'end' => 6500]), Charts::range(128, 255, 'none')]],
            ['ranges' => [Charts::range(0, 255, 'tint', ['start' => -0.02, 'end' => 0.02])]],
        ];
        // Krystek's fit at 6500 K: u 0.198049…, v 0.312322…; x = 3u/(2u − 8v + 4).
        $u = (0.860117757 + 1.54118254e-4 * 6500 + 1.28641212e-7 * 6500 ** 2) / (1 + 8.42420235e-4 * 6500 + 7.08145163e-7 * 6500 ** 2);
        $v = (0.317398726 + 4.22806245e-5 * 6500 + 4.20481691e-8 * 6500 ** 2) / (1 - 2.89741816e-5 * 6500 + 1.61456053e-7 * 6500 ** 2);
        $plain = Charts::document([$channels[0], $channels[1]]);
        $cell = self::evaluate($plain, [255, 127])['cells'][0];
        self::assertEqualsWithDelta(3 * $u / (2 * $u - 8 * $v + 4), $cell['x'], 1e-9);
        $green = self::evaluate(Charts::document($channels), [255, 127, 255])['cells'][0];
        self::assertGreaterThan($cell['y'], $green['y']);
        self::assertSame(1, $green['brightness']);
    }

    public function testALampOfTheProfileReplacesTheUsualOne(): void
    {
        $cell = self::evaluate(
            Charts::document(
                [['ranges' => [Charts::level()]]],
                ['emitters' => [['key' => 'lamp', 'x' => 0.3127, 'y' => 0.329, 'flux' => 1]]],
            ),
            [255],
        )['cells'][0];
        self::assertSame([0.3127, 0.329], [$cell['x'], $cell['y']]);
    }

    public function testRefusesWhatCannotBeEvaluated(): void
    {
        $drum = self::drum();
        self::assertRefused('unknown_mode', 'mode', 'light.evaluate', Json::encode(['profile' => $drum, 'mode' => 'x', 'values' => [1]]));
        self::assertRefused('values_count', 'values', 'light.evaluate', Json::encode(['profile' => $drum, 'mode' => 'm', 'values' => [1]]));
        self::assertRefused(
            'out_of_range',
            'values[1]',
            'light.evaluate',
            Json::encode(['profile' => $drum, 'mode' => 'm', 'values' => [1, 256]]),
        );
        self::assertRefused(
            'profile_has_errors',
            'profile',
            'light.evaluate',
            Json::encode(['profile' => Charts::document([['ranges' => [Charts::level(0, 300)]]]), 'mode' => 'm', 'values' => [1]]),
        );
        self::assertRefused(
            'no_colour',
            'profile',
            'light.evaluate',
            Json::encode([
                'profile' => Charts::document([['ranges' => [Charts::range(0, 255, 'colour-preset', ['hex' => '000000'])]]]),
                'mode' => 'm',
                'values' => [1],
            ]),
        );
    }
}
