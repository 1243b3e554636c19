<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;

final class PositionTopicsTest extends TopicTestCase
{
    private const HUNG = '{"x":0,"y":0,"z":5,"hung":true,"heading":0}';
    private const STANDING = '{"x":0,"y":0,"z":0,"hung":false,"heading":30}';

    /** @param list<array{float, float}> $expected pan and tilt */
    #[DataProvider('aimed')]
    public function testAim(string $unit, string $travel, string $target, string $from, array $expected): void
    {
        $answer = self::compute('aim', "{\"unit\":{$unit},\"travel\":{$travel},\"target\":{$target}{$from}}");
        self::assertEqualsWithDelta(
            $expected,
            array_map(static fn (array $one): array => [$one['pan'], $one['tilt']], $answer['solutions']),
            1e-9,
        );
    }

    /** @return iterable<string, array{string, string, string, string, list<array{float, float}>}> */
    public static function aimed(): iterable
    {
        $wide = '{"pan":540,"tilt":270}';
        $ahead = '{"x":0,"y":-5,"z":0}';
        yield 'towards the audience' => [self::HUNG, $wide, $ahead, '', [[0, 45], [-180, -45], [180, -45]]];
        yield 'the nearer first' => [self::HUNG, $wide, $ahead, ',"from":{"pan":170,"tilt":-40}', [[180, -45], [0, 45], [-180, -45]]];
        yield 'seen from below, to the right is less pan' => [
            self::HUNG, '{"pan":180,"tilt":270}', '{"x":5,"y":0,"z":5}', '', [[-90, 90], [90, -90]],
        ];
        yield 'seen from above, to the right is more pan' => [
            '{"x":0,"y":0,"z":0,"hung":false,"heading":0}', '{"pan":180,"tilt":270}', '{"x":5,"y":0,"z":0}', '', [[-90, -90], [90, 90]],
        ];
        yield 'too little travel' => [self::HUNG, '{"pan":540,"tilt":80}', $ahead, '', []];
        yield 'straight down pan stays' => [self::HUNG, $wide, '{"x":0,"y":0,"z":1}', ',"from":{"pan":33,"tilt":9}', [[33, 0]]];
        yield 'as far as it goes' => [self::STANDING, $wide, '{"x":0,"y":0,"z":9}', ',"from":{"pan":400}', [[270, 0]]];
        yield 'behind the base' => [self::STANDING, '{"pan":540,"tilt":360}', '{"x":0,"y":0,"z":-2}', '', [[0, 180]]];
        yield 'behind it, the nearer way over' => [
            self::STANDING, '{"pan":540,"tilt":360}', '{"x":0,"y":0,"z":-2}', ',"from":{"pan":0,"tilt":-20}', [[0, -180]],
        ];
        yield 'behind it, out of reach' => [self::STANDING, $wide, '{"x":0,"y":0,"z":-2}', '', []];
    }

    public function testAimIsUndoneByTheBeam(): void
    {
        mt_srand(16);
        $between = static fn (float $from, float $to): float => $from + ($to - $from) * mt_rand() / mt_getrandmax();
        for ($turn = 0; $turn < 300; ++$turn) {
            $unit = [
                'x' => $between(-9, 9), 'y' => $between(-9, 9), 'z' => $between(0.1, 9),
                'hung' => 1 === mt_rand(0, 1), 'heading' => $between(-400, 400),
            ];
            $target = ['x' => $between(-9, 9), 'y' => $between(-9, 9), 'z' => $between(-1, 9)];
            $aimed = self::compute('aim', json_encode(
                ['unit' => $unit, 'travel' => ['pan' => 540, 'tilt' => 360], 'target' => $target],
                \JSON_THROW_ON_ERROR,
            ));
            self::assertGreaterThanOrEqual(2, \count($aimed['solutions']));
            foreach ($aimed['solutions'] as ['pan' => $pan, 'tilt' => $tilt]) {
                $hit = self::compute('beam.hit', json_encode(
                    ['unit' => $unit, 'pan' => $pan, 'tilt' => $tilt, 'plane' => $target['z']],
                    \JSON_THROW_ON_ERROR,
                ));
                self::assertEqualsWithDelta($target, $hit['hit'], 1e-6);
                self::assertEqualsWithDelta($aimed['distance'], $hit['distance'], 1e-6);
            }
        }
    }

    public function testBeam(): void
    {
        $away = self::compute('beam.hit', '{"unit":'.self::HUNG.',"pan":0,"tilt":100,"plane":0}');
        self::assertNull($away['hit']);
        self::assertNull($away['distance']);
        self::assertNull(self::compute('beam.hit', '{"unit":'.self::HUNG.',"pan":0,"tilt":90,"plane":0}')['hit']);
        $here = self::compute('beam.hit', '{"unit":'.self::HUNG.',"pan":20,"tilt":30,"plane":5}');
        self::assertSame([['x' => 0, 'y' => 0, 'z' => 5], 0], [$here['hit'], $here['distance']]);
    }

    public function testFan(): void
    {
        self::assertAnswer('{"values":[0,5,10]}', 'fan', '{"count":3,"centre":5,"width":10,"shape":"line"}');
        self::assertAnswer('{"values":[10,5,0]}', 'fan', '{"count":3,"centre":5,"width":-10,"shape":"line"}');
        self::assertAnswer('{"values":[10,0,10]}', 'fan', '{"count":3,"centre":5,"width":10,"shape":"arch"}');
        self::assertAnswer('{"values":[0,10,0,10]}', 'fan', '{"count":4,"centre":5,"width":10,"shape":"alternate"}');
        foreach (['line', 'arch', 'alternate'] as $shape) {
            self::assertAnswer('{"values":[5]}', 'fan', "{\"count\":1,\"centre\":5,\"width\":10,\"shape\":\"{$shape}\"}");
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
        $aim = static fn (string $travel, string $target): string => '{"unit":'.self::HUNG.",\"travel\":{$travel},\"target\":{$target}}";
        $wide = '{"pan":540,"tilt":270}';
        yield 'at itself' => ['same_place', 'target', 'aim', $aim($wide, '{"x":0,"y":0,"z":5}')];
        yield 'no travel' => ['out_of_range', 'travel.pan', 'aim', $aim('{"pan":0,"tilt":270}', '{"x":0,"y":0,"z":0}')];
        yield 'too much travel' => ['out_of_range', 'travel.tilt', 'aim', $aim('{"pan":9,"tilt":1081}', '{"x":0,"y":0,"z":0}')];
        yield 'no height' => ['missing', 'target.z', 'aim', $aim($wide, '{"x":0,"y":0}')];
        yield 'hung or not' => [
            'wrong_type', 'unit.hung', 'beam.hit', '{"unit":{"x":0,"y":0,"z":1,"hung":1,"heading":0},"pan":0,"tilt":0,"plane":0}',
        ];
        yield 'nobody' => ['out_of_range', 'count', 'fan', '{"count":0,"centre":0,"width":0,"shape":"line"}'];
        yield 'too many' => ['out_of_range', 'count', 'fan', '{"count":513,"centre":0,"width":0,"shape":"line"}'];
        yield 'another shape' => ['not_a_choice', 'shape', 'fan', '{"count":1,"centre":0,"width":0,"shape":"ring"}'];
    }
}
