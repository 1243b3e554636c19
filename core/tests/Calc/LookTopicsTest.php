<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;

final class LookTopicsTest extends TopicTestCase
{
    private const DESK = '{"format":"rigger-desk","version":1,"name":"Tenfold 10","layout":"buttons","universe":1,"first":1,"buttons":10,'
        .'"stride":14,"faders":7,"pages":2%s}';
    private const MEMORY = ',"banks":20,"scenesPerBank":6,"chases":1,"stepsPerChase":4,"fade":[0,30],"hold":[0.1,60]';

    #[DataProvider('stacked')]
    public function testStack(string $expected, string $layers): void
    {
        $units = '[{"id":"7","kinds":["intensity","other","other"],"rest":[5,6,7]},{"id":"b","kinds":["other"],"rest":[9]}]';
        self::assertAnswer("{\"values\":{$expected}}", 'look.stack', "{\"units\":{$units},\"layers\":{$layers}}");
    }

    /** @return iterable<string, array{string, string}> */
    public static function stacked(): iterable
    {
        yield 'nothing: rest, but no intensity' => ['{"7":[0,6,7],"b":[9]}', '[]'];
        yield 'half of full is rounded up' => ['{"7":[128,1,2],"b":[9]}', '[{"level":0.5,"values":{"7":[255,1,2]}}]'];
        yield 'highest and latest' => [
            '{"7":[200,3,2],"b":[0]}',
            '[{"level":1,"values":{"7":[200,1,2],"b":[0]}},{"level":0.5,"values":{"7":[255,3,null]}}]',
        ];
        yield 'one pulled down holds nothing' => [
            '{"7":[10,6,7],"b":[9]}',
            '[{"level":1,"values":{"7":[10,null,null]}},{"level":0,"values":{"7":[255,1,2],"b":[1]}}]',
        ];
        yield 'what all leave out rests' => ['{"7":[0,6,4],"b":[9]}', '[{"level":1,"values":{"7":[null,null,4]}},{"level":1,"values":[]}]'];
    }

    public function testTheSameLookTwiceIsThatLook(): void
    {
        mt_srand(7);
        for ($turn = 0; $turn < 100; ++$turn) {
            $kinds = array_map(static fn (): string => ['intensity', 'other'][mt_rand(0, 1)], range(1, 6));
            $any = static fn (): array => array_map(static fn (): ?int => mt_rand(0, 3) > 0 ? mt_rand(0, 255) : null, range(1, 6));
            $layers = [];
            for ($count = mt_rand(0, 4); $count > 0; --$count) {
                $layers[] = ['level' => mt_rand(0, 4) / 4, 'values' => ['u' => $any()]];
            }
            $rest = array_map(static fn (): int => mt_rand(0, 255), range(1, 6));
            $stack = static fn (array $of): mixed => self::compute('look.stack', json_encode(
                ['units' => [['id' => 'u', 'kinds' => $kinds, 'rest' => $rest]], 'layers' => $of],
                \JSON_THROW_ON_ERROR,
            ));
            self::assertSame($stack($layers), $stack([...$layers, ...$layers]));
            // The order counts for everything but intensities.
            foreach (array_keys($kinds, 'intensity', true) as $channel) {
                self::assertSame($stack($layers)['values']['u'][$channel], $stack(array_reverse($layers))['values']['u'][$channel]);
            }
        }
    }

    #[DataProvider('pictures')]
    public function testPicture(string $expected, string $pick, string $area): void
    {
        // Red, green; grey of 188 (half the light), black.
        $pixels = base64_encode("\xff\0\0\0\xff\0\xbc\xbc\xbc\0\0\0");
        self::assertAnswer(
            "{\"samples\":[{$expected}]}",
            'picture.sample',
            "{\"width\":2,\"height\":2,\"pixels\":\"{$pixels}\",\"areas\":[{$area}],\"pick\":\"{$pick}\"}",
        );
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function pictures(): iterable
    {
        $at = static fn (float $x, float $y, float $w, float $h): string => "{\"x\":{$x},\"y\":{$y},\"width\":{$w},\"height\":{$h}}";
        yield 'one pixel' => ['{"hex":"#ff0000","level":1}', 'average', $at(0, 0, 0.5, 0.5)];
        yield 'two of them' => ['{"hex":"#ffff00","level":0.5}', 'average', $at(0, 0, 1, 0.5)];
        yield 'the stronger, the first of two' => ['{"hex":"#ff0000","level":0.5}', 'three', $at(0, 0, 1, 0.5)];
        yield 'two alike are not white' => ['{"hex":"#ff0000","level":0.5}', 'four', $at(0, 0, 1, 0.5)];
        yield 'grey is white' => ['{"hex":"#ffffff","level":0.5028864580325687}', 'four', $at(0, 0.5, 0.5, 0.5)];
        yield 'black' => ['{"hex":null,"level":0}', 'average', $at(0.5, 0.5, 0.5, 0.5)];
        yield 'so small that no middle lies in it' => ['{"hex":"#00ff00","level":1}', 'average', $at(0.6, 0.3, 0.01, 0.01)];
        yield 'of no size at the far corner' => ['{"hex":null,"level":0}', 'average', $at(1, 1, 0, 0)];
        yield 'its left edge in, its right edge out' => ['{"hex":"#ff0000","level":1}', 'average', $at(0.25, 0.25, 0.5, 0.5)];
        yield 'past the edge' => ['{"hex":"#00ff00","level":1}', 'average', $at(0.5, 0, 1, 0.5)];
    }

    public function testFitSaysWhatADeskCannotHold(): void
    {
        $looks = '[{"id":"a","bank":1,"number":1},{"id":"b","bank":21,"number":1},{"id":"c","bank":1,"number":1},{"id":"d","bank":21,"number":1}]';
        $chases = '[{"id":"x","order":"bounce","steps":[{"look":"a","hold":1,"fade":40},{"look":"b","hold":0,"fade":2},'
            .'{"look":"c","hold":0.1,"fade":30},{"look":"d","hold":60,"fade":0}]},'
            .'{"id":"y","order":"backward","steps":[{"look":"a","hold":1,"fade":4},{"look":"b","hold":61,"fade":31}]}]';
        $answer = self::compute('desk.fit', '{"desk":'.\sprintf(self::DESK, self::MEMORY).",\"looks\":{$looks},\"chases\":{$chases}}");
        self::assertSame(
            [
                ['no_such_scene', 'error', 'b', null], ['scene_twice', 'error', 'c', null],
                ['no_such_scene', 'error', 'd', null], ['scene_twice', 'error', 'd', null],
                ['too_many_steps', 'error', 'x', null], ['fade_held', 'caution', 'x', 1],
                ['hold_held', 'caution', 'x', 2], ['hold_held', 'caution', 'x', 6],
                ['too_many_chases', 'error', 'y', null],
                ['hold_held', 'caution', 'y', 1], ['fade_held', 'caution', 'y', 1],
            ],
            array_map(static fn (array $one): array => [$one['code'], $one['severity'], $one['id'], $one['step']], $answer['findings']),
        );
        self::assertSame(['a', 'b', 'c', 'd', 'c', 'b'], array_column($answer['chases'][0]['steps'], 'look'));
        self::assertSame(
            [['look' => 'b', 'hold' => 60, 'fade' => 30], ['look' => 'a', 'hold' => 1, 'fade' => 4]],
            $answer['chases'][1]['steps'],
        );
        foreach ($answer['findings'] as $finding) {
            self::assertMatchesRegularExpression('/\d/', $finding['message']);
        }
    }

    public function testADeskThatStatesNothingLimitsNothing(): void
    {
        $looks = '[{"id":"a","bank":999,"number":999}]';
        $chases = '[{"id":"x","order":"bounce","steps":[{"look":"a","hold":0,"fade":999}]}]';
        self::assertAnswer(
            '{"findings":[],"chases":[{"id":"x","steps":[{"look":"a","hold":0,"fade":999}]}]}',
            'desk.fit',
            '{"desk":'.\sprintf(self::DESK, '').",\"looks\":{$looks},\"chases\":{$chases}}",
        );
    }

    public function testFlash(): void
    {
        foreach (['0' => 'steady', '3' => 'steady', '3.01' => 'caution', '10' => 'caution', '10.5' => 'stop'] as $hz => $verdict) {
            $answer = self::compute('flash.check', "{\"hz\":{$hz},\"area\":0.5}");
            self::assertSame($verdict, $answer['verdict']);
            self::assertSame('steady' !== $verdict, str_contains($answer['message'], 'seizures'));
        }
    }

    #[DataProvider('refused')]
    public function testRefusals(string $code, string $field, string $topic, string $json): void
    {
        self::assertRefused($code, $field, $topic, $json);
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function refused(): iterable
    {
        $stack = static fn (string $units, string $layers): string => "{\"units\":{$units},\"layers\":{$layers}}";
        $unit = '[{"id":"a","kinds":["other"],"rest":[0]}]';
        $picture = static fn (string $pixels, string $area = '{"x":0,"y":0,"width":1,"height":1}'): string => '{"width":1,"height":1,'
            ."\"pixels\":\"{$pixels}\",\"areas\":[{$area}],\"pick\":\"average\"}";
        $fit = static fn (string $looks, string $chases): string => '{"desk":'.\sprintf(self::DESK, '').",\"looks\":{$looks},\"chases\":{$chases}}";
        yield 'another kind' => ['not_a_choice', 'units[0].kinds[0]', 'look.stack', $stack('[{"id":"a","kinds":["level"],"rest":[0]}]', '[]')];
        yield 'too few at rest' => ['values_count', 'units[0].rest', 'look.stack', $stack('[{"id":"a","kinds":["other"],"rest":[]}]', '[]')];
        yield 'too many values' => ['values_count', 'layers[0].values.a', 'look.stack', $stack($unit, '[{"level":1,"values":{"a":[1,2]}}]')];
        yield 'nobody' => ['unknown_fixture', 'layers[0].values.b', 'look.stack', $stack($unit, '[{"level":1,"values":{"b":[1]}}]')];
        yield 'level too high' => ['out_of_range', 'layers[0].level', 'look.stack', $stack($unit, '[{"level":2,"values":{}}]')];
        yield 'value too high' => [
            'out_of_range', 'layers[0].values.a[0]', 'look.stack', $stack($unit, '[{"level":1,"values":{"a":[256]}}]'),
        ];
        yield 'a unit twice' => [
            'duplicate', 'units[1].id', 'look.stack', $stack('[{"id":"a","kinds":[],"rest":[]},{"id":"a","kinds":[],"rest":[]}]', '[]'),
        ];
        yield 'no base64' => ['bad_pixels', 'pixels', 'picture.sample', $picture('!!!')];
        yield 'pixels missing' => ['values_count', 'pixels', 'picture.sample', $picture('/wA=')];
        yield 'outside the picture' => ['out_of_range', 'areas[0].x', 'picture.sample', $picture('/wAA', '{"x":1.1,"y":0,"width":1,"height":1}')];
        yield 'no steps' => ['out_of_range', 'chases[0].steps', 'desk.fit', $fit('[]', '[{"id":"x","order":"forward","steps":[]}]')];
        yield 'no such look' => [
            'unknown_look', 'chases[0].steps[1].look', 'desk.fit',
            $fit('[{"id":"a","bank":1,"number":1}]', '[{"id":"x","order":"forward","steps":[{"look":"a","hold":0,"fade":0},{"look":"b","hold":0,"fade":0}]}]'),
        ];
        yield 'a look twice' => ['duplicate', 'looks[1].id', 'desk.fit', $fit('[{"id":"a","bank":1,"number":1},{"id":"a","bank":1,"number":2}]', '[]')];
        yield 'less than nothing' => ['out_of_range', 'hz', 'flash.check', '{"hz":-1}'];
    }
}
