<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;

final class ColourTopicsTest extends TopicTestCase
{
    private const FIVE = '[{"key":"red","x":0.7,"y":0.299,"flux":0.25},{"key":"green","x":0.17,"y":0.7,"flux":0.55},'
        .'{"key":"blue","x":0.14,"y":0.05,"flux":0.08},{"key":"amber","x":0.57,"y":0.42,"flux":0.5},'
        .'{"key":"white","x":0.31,"y":0.32,"flux":1}]';
    private const WARM = '{"x":0.4578,"y":0.4101,"flux":1}';
    private const COOL = '{"x":0.3135,"y":0.3237,"flux":1.1}';

    /** @return array<string, mixed> */
    private static function solve(string $emitters, string $target, string $recipe): array
    {
        $answer = self::compute('colour.solve', \sprintf('{"emitters":%s,"target":%s,"recipe":"%s"}', $emitters, $target, $recipe));
        self::assertIsArray($answer);

        return $answer;
    }

    public function testMixAddsUpLight(): void
    {
        $pair = '[{"key":"a","x":0.6,"y":0.3,"flux":1},{"key":"b","x":0.2,"y":0.3,"flux":1}]';
        $answer = self::compute('colour.mix', "{\"emitters\":{$pair},\"levels\":{\"a\":0.5,\"b\":0.5}}");
        self::assertEqualsWithDelta(0.4, $answer['x'], 1e-12);
        self::assertEqualsWithDelta(0.3, $answer['y'], 1e-12);
        self::assertEqualsWithDelta(1.0, $answer['luminance'], 1e-12);
        self::assertAnswer('{"x":null,"y":null,"luminance":0,"hex":null}', 'colour.mix', "{\"emitters\":{$pair},\"levels\":{\"a\":0}}");
        self::assertAnswer('{"x":null,"y":null,"luminance":0,"hex":null}', 'colour.mix', '{"emitters":[],"levels":[]}');
    }

    /** @param array<string, float> $levels */
    #[DataProvider('solved')]
    public function testSolve(string $target, string $recipe, array $levels, float $luminance): void
    {
        $answer = self::solve(self::FIVE, $target, $recipe);
        foreach ($levels as $key => $level) {
            self::assertEqualsWithDelta($level, $answer['levels'][$key], 1e-6, $key);
        }
        self::assertEqualsWithDelta($luminance, $answer['luminance'], 1e-6);
        self::assertTrue($answer['inGamut']);
        self::assertEqualsWithDelta(0, $answer['deltaUv'], 1e-9);
    }

    /** @return iterable<string, array{string, string, array<string, float>, float}> checked with HiGHS */
    public static function solved(): iterable
    {
        $moon = ['red' => 0.5327804, 'green' => 0.8273434, 'blue' => 1, 'amber' => 0, 'white' => 1];
        yield 'a pale blue' => ['{"hex":"#c8d8ff"}', 'brightest', $moon, 1.6682340];
        yield 'of which white has all it can' => ['{"hex":"#C8D8FF"}', 'white-first', $moon, 1.6682340];
        yield 'with three alone' => [
            '{"hex":"c8d8ff"}', 'three', ['red' => 0.7866610, 'green' => 1, 'blue' => 0.8794779, 'amber' => 0, 'white' => 0], 0.8170235,
        ];
        yield 'candlelight' => [
            '{"kelvin":3000}', 'brightest', ['red' => 1, 'green' => 0.8627789, 'blue' => 0, 'amber' => 1, 'white' => 0.4964398], 1.7209682,
        ];
        yield 'an emitter itself' => ['{"x":0.7,"y":0.299}', 'brightest', ['red' => 1, 'green' => 0, 'white' => 0], 0.25];
    }

    public function testOutOfReachTheNearestIsMixedAndSaysHowFarItIs(): void
    {
        $answer = self::solve(self::FIVE, '{"x":0.05,"y":0.3}', 'brightest');
        self::assertFalse($answer['inGamut']);
        self::assertGreaterThan(0.0005, $answer['deltaUv']);
        // On the side from green to blue nothing else can be lit.
        self::assertSame([0, 0, 0], [$answer['levels']['red'], $answer['levels']['amber'], $answer['levels']['white']]);
        self::assertSame(1, max($answer['levels']));
    }

    public function testOfEmittersOfOneColourTheStrongerServesFirst(): void
    {
        $emitters = '[{"key":"a","x":0.6,"y":0.3,"flux":0.5},{"key":"b","x":0.6,"y":0.3,"flux":1},{"key":"c","x":0.2,"y":0.3,"flux":0.5}]';
        $answer = self::solve($emitters, '{"x":0.4,"y":0.3}', 'brightest');
        self::assertEqualsWithDelta(['a' => 0, 'b' => 0.5, 'c' => 1], $answer['levels'], 1e-9);
        // What is already lit by one alone: both, as bright as it goes.
        self::assertEqualsWithDelta(['a' => 1, 'b' => 1, 'c' => 0], self::solve($emitters, '{"x":0.6,"y":0.3}', 'brightest')['levels'], 1e-9);
    }

    public function testWithoutFluxAnEmitterMixesNothing(): void
    {
        $emitters = '[{"key":"a","x":0.6,"y":0.3,"flux":0},{"key":"b","x":0.2,"y":0.3,"flux":2}]';
        $answer = self::solve($emitters, '{"x":0.6,"y":0.3}', 'white-first');
        self::assertSame(['a' => 0, 'b' => 1], $answer['levels']);
        self::assertSame(2, $answer['luminance']);
    }

    public function testTemperature(): void
    {
        self::assertSame(6507, self::compute('colour.temperature', '{"x":0.3127,"y":0.329}')['kelvin']);
        foreach ([1000, 1234, 2700, 4000, 6500, 14999] as $kelvin) {
            foreach ([-0.01, 0.0, 0.004] as $duv) {
                $white = self::solve(self::FIVE, "{\"kelvin\":{$kelvin},\"duv\":{$duv}}", 'brightest');
                if ($white['deltaUv'] < 1e-9) {
                    $back = self::compute('colour.temperature', json_encode(['x' => $white['x'], 'y' => $white['y']], \JSON_THROW_ON_ERROR));
                    self::assertSame($kelvin, $back['kelvin']);
                    self::assertEqualsWithDelta($duv, $back['duv'], 1e-7);
                }
            }
        }
        // Beyond the line's hot end the distance is to that end.
        self::assertSame(15000, self::compute('colour.temperature', '{"x":0.255,"y":0.25}')['kelvin']);
    }

    public function testWhitePair(): void
    {
        $pair = self::compute('colour.white-pair', '{"warm":'.self::WARM.',"cool":'.self::COOL.',"kelvin":4000}');
        self::assertSame([1, 4000], [$pair['warm'], $pair['kelvin']]);
        self::assertEqualsWithDelta(0.9304139, $pair['cool'], 1e-5);
        $turned = self::compute('colour.white-pair', '{"warm":'.self::COOL.',"cool":'.self::WARM.',"kelvin":4000}');
        self::assertEqualsWithDelta([$pair['cool'], 1.0], [$turned['warm'], $turned['cool']], 1e-9);
        $end = self::compute('colour.white-pair', '{"warm":'.self::WARM.',"cool":'.self::COOL.',"kelvin":1500}');
        self::assertSame([1, 0, 1], [$end['warm'], $end['cool'], $end['luminance']]);
        $other = self::compute('colour.white-pair', '{"warm":'.self::WARM.',"cool":'.self::COOL.',"kelvin":9000}');
        self::assertSame([0, 1, 1.1], [$other['warm'], $other['cool'], $other['luminance']]);
    }

    #[DataProvider('refused')]
    public function testRefusals(string $code, string $field, string $topic, string $json): void
    {
        self::assertRefused($code, $field, $topic, $json);
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function refused(): iterable
    {
        $solve = static fn (string $target, string $recipe = 'brightest', string $emitters = self::FIVE): string => \sprintf(
            '{"emitters":%s,"target":%s,"recipe":"%s"}', $emitters, $target, $recipe,
        );
        $one = '[{"key":"white","x":0.3,"y":0.3,"flux":%s}]';
        yield 'level of nobody' => ['unknown_member', 'levels.lime', 'colour.mix', '{"emitters":[],"levels":{"lime":1}}'];
        yield 'level above full' => [
            'out_of_range', 'levels.white', 'colour.mix', '{"emitters":'.\sprintf($one, 1).',"levels":{"white":1.1}}',
        ];
        yield 'a key twice' => [
            'duplicate', 'emitters[1].key', 'colour.mix',
            '{"emitters":[{"key":"a","x":0.3,"y":0.3,"flux":1},{"key":"a","x":0.4,"y":0.3,"flux":1}],"levels":{}}',
        ];
        yield 'no real colour' => [
            'out_of_range', 'emitters[0].y', 'colour.mix', '{"emitters":[{"key":"a","x":0.8,"y":0.3,"flux":1}],"levels":{}}',
        ];
        yield 'no light' => ['no_emitters', 'emitters', 'colour.solve', $solve('{"hex":"#ffffff"}', 'brightest', \sprintf($one, 0))];
        yield 'nobody' => ['no_emitters', 'emitters', 'colour.solve', $solve('{"hex":"#ffffff"}', 'brightest', '[]')];
        yield 'three without red' => ['recipe_needs_rgb', 'recipe', 'colour.solve', $solve('{"hex":"#ffffff"}', 'three', \sprintf($one, 1))];
        yield 'another recipe' => ['not_a_choice', 'recipe', 'colour.solve', $solve('{"hex":"#ffffff"}', 'warm')];
        yield 'no recipe' => ['missing', 'recipe', 'colour.solve', '{"emitters":[],"target":{"hex":"#ffffff"}}'];
        yield 'black' => ['no_colour', 'target.hex', 'colour.solve', $solve('{"hex":"#000000"}')];
        yield 'three digits' => ['no_colour', 'target.hex', 'colour.solve', $solve('{"hex":"#fff"}')];
        yield 'two forms' => ['unknown_member', 'target.hex', 'colour.solve', $solve('{"x":0.3,"y":0.3,"hex":"#ffffff"}')];
        yield 'no form' => ['missing', 'target.x', 'colour.solve', $solve('{}')];
        yield 'tint of a hex' => ['unknown_member', 'target.duv', 'colour.solve', $solve('{"hex":"#ffffff","duv":0}')];
        yield 'x alone' => ['missing', 'target.y', 'colour.solve', $solve('{"x":0.3}')];
        yield 'y at 0' => ['out_of_range', 'target.y', 'colour.solve', $solve('{"x":0.3,"y":0}')];
        yield 'beyond the diagram' => ['out_of_range', 'target.y', 'colour.solve', $solve('{"x":0.6,"y":0.5}')];
        yield 'too cold' => ['out_of_range', 'target.kelvin', 'colour.solve', $solve('{"kelvin":999}')];
        yield 'too green' => ['out_of_range', 'target.duv', 'colour.solve', $solve('{"kelvin":3000,"duv":0.06}')];
        yield 'no white' => ['not_white', 'x', 'colour.temperature', '{"x":0.7,"y":0.299}'];
        yield 'no white to pair' => [
            'not_white', 'cool', 'colour.white-pair', '{"warm":'.self::WARM.',"cool":{"x":0.14,"y":0.05,"flux":1},"kelvin":4000}',
        ];
        yield 'white of no light' => [
            'out_of_range', 'warm.flux', 'colour.white-pair', '{"warm":{"x":0.45,"y":0.41,"flux":0},"cool":'.self::COOL.',"kelvin":4000}',
        ];
    }
}
