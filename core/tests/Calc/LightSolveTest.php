<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\Core\Input\Json;
use Rigger\Core\Tests\Profile\Charts;

final class LightSolveTest extends TopicTestCase
{
    private const FULL = ['start' => 0, 'end' => 1];

    /**
     * @param list<array<string, mixed>>       $channels
     * @param array<string, mixed>             $intent
     * @param array<int, array<string, mixed>> $cells
     *
     * @return array<string, mixed>
     */
    private static function solve(array $channels, array $intent, array $cells = []): array
    {
        $answer = self::compute('light.solve', Json::encode(
            ['profile' => Charts::document($channels), 'mode' => 'm', 'intent' => $intent] + ([] === $cells ? [] : ['cells' => $cells]),
        ));
        self::assertIsArray($answer);

        return $answer;
    }

    /**
     * @param list<array<string, mixed>> $ranges
     *
     * @return array<string, mixed>
     */
    private static function channel(array $ranges, int $default = 0, ?int $cell = null): array
    {
        return ['label' => 'Channel', 'ranges' => $ranges, 'default' => $default] + (null === $cell ? [] : ['cell' => $cell]);
    }

    /** @return list<array<string, mixed>> */
    private static function rgb(?int $cell = null): array
    {
        return array_map(
            static fn (string $key): array => self::channel([Charts::emitter($key)], 0, $cell),
            ['red', 'green', 'blue'],
        );
    }

    /**
     * @param list<array<string, mixed>> $channels
     * @param array<string, mixed>       $intent
     * @param list<int>                  $values
     * @param list<string>               $notes
     */
    #[DataProvider('cases')]
    public function testSolve(array $channels, array $intent, array $values, array $notes): void
    {
        $answer = self::solve($channels, $intent);
        self::assertSame($values, $answer['values']);
        self::assertSame($notes, array_column($answer['notes'], 'code'));
    }

    /** @return iterable<string, array{list<array<string, mixed>>, array<string, mixed>, list<int>, list<string>}> */
    public static function cases(): iterable
    {
        $dimmer = self::channel([Charts::range(0, 134, 'intensity', self::FULL), Charts::range(135, 239, 'strobe', ['start' => 1, 'end' => 20]),
            Charts::range(240, 255, 'open')]);
        $plain = self::channel([Charts::level()]);
        $white = ['intensity' => 1, 'colour' => null];
        yield 'full is the top of its own range' => [[$dimmer], $white, [134], []];
        yield 'half of it' => [[$dimmer], ['intensity' => 0.5, 'colour' => null], [67], []];
        yield 'a flash takes the channel of the dimmer' => [[$dimmer], $white + ['flash' => 20], [239], []];
        yield 'and then nothing dims' => [[$dimmer], ['intensity' => 0.5, 'colour' => null, 'flash' => 20], [239], ['cannot_dim']];
        yield 'a rate that it has not' => [[$dimmer], $white + ['flash' => 30], [239], ['flash_not_reached']];
        yield 'no flash at all' => [[$plain], $white + ['flash' => 5], [255], ['cannot_flash']];
        $shutter = self::channel([Charts::range(0, 19, 'closed'), Charts::range(20, 199, 'strobe', ['start' => 1, 'end' => 10]),
            Charts::range(200, 255, 'open')]);
        yield 'open, the middle of it' => [[$plain, $shutter], $white, [255, 227], []];
        yield 'a flash apart from the dimmer' => [[$plain, $shutter], ['intensity' => 0.5, 'colour' => null, 'flash' => 10], [127, 199], []];
        $unknown = self::channel([Charts::range(0, 9, 'none'), Charts::range(10, 255, 'strobe', ['start' => null, 'end' => null])]);
        yield 'rates that nobody knows' => [[$unknown, $plain], $white + ['flash' => 9], [132, 255], ['flash_not_reached']];
        yield 'no flash: it rests' => [[$unknown, $plain], $white, [4, 255], []];
        yield 'falling' => [[self::channel([Charts::range(0, 255, 'intensity', ['start' => 1, 'end' => 0])])], $white, [0], []];
        yield 'at 0 without a value for it: closed' => [
            [self::channel([Charts::range(0, 9, 'closed'), Charts::range(10, 255, 'intensity', ['start' => 0.1, 'end' => 1])])],
            ['intensity' => 0, 'colour' => null], [4], [],
        ];
        yield 'as a word over two bytes' => [
            [$plain, ['label' => 'Fine', 'fineOf' => 1, 'default' => 0]], ['intensity' => 0.5, 'colour' => null], [127, 255], [],
        ];
        yield 'a second dimmer is full' => [[$plain, $plain], ['intensity' => 0.2, 'colour' => null], [51, 255], []];
        $program = self::channel([Charts::range(0, 9, 'none'), Charts::range(10, 255, 'program')], 200);
        yield 'no program is entered' => [[$plain, $program], $white, [255, 4], []];
        yield 'nor by its default' => [
            [$plain, self::channel([Charts::range(0, 199, 'sound', self::FULL), Charts::range(210, 255, 'reset')], 7)], $white, [255, 200], [],
        ];
        yield 'what has no quiet place keeps its default' => [[$plain, self::channel([Charts::range(0, 255, 'program')], 7)], $white, [255, 7], []];
        yield 'emitters of no colour are all up' => [self::rgb(), $white, [255, 255, 255], []];
        yield 'red alone' => [self::rgb(), ['intensity' => 1, 'colour' => ['x' => 0.7, 'y' => 0.299]], [255, 0, 0], []];
        yield 'dimmed by colour' => [
            self::rgb(), ['intensity' => 0.5, 'colour' => ['x' => 0.7, 'y' => 0.299]], [128, 0, 0], ['dimmed_by_colour'],
        ];
        yield 'dark by colour' => [self::rgb(), ['intensity' => 0, 'colour' => ['x' => 0.7, 'y' => 0.299]], [0, 0, 0], ['dimmed_by_colour']];
        yield 'off stands apart' => [
            [self::channel([Charts::range(0, 9, 'none'), Charts::range(10, 255, 'emitter', ['start' => 0.2, 'end' => 1, 'emitter' => 'red'])])],
            ['intensity' => 0.05, 'colour' => null], [4], ['dimmed_by_colour'],
        ];
        $wheel = self::channel([Charts::range(0, 9, 'wheel', ['slot' => 1, 'hex' => null]),
            Charts::range(10, 19, 'wheel', ['slot' => 2, 'hex' => '#ff0000']), Charts::range(20, 29, 'wheel', ['slot' => 3, 'hex' => '#0000ff']),
            Charts::range(30, 255, 'wheel-spin', ['start' => 1, 'end' => 9])]);
        yield 'the nearest of a wheel' => [
            [$plain, $wheel], ['intensity' => 1, 'colour' => ['hex' => '#e01010']], [255, 14], ['nearest_preset'],
        ];
        yield 'the lamp itself' => [[$plain, $wheel], ['intensity' => 1, 'colour' => ['kelvin' => 3000]], [255, 4], ['nearest_preset']];
        $whites = self::channel([Charts::range(0, 9, 'none'), Charts::range(10, 255, 'white-point', ['start' => 2700, 'end' => 6500])]);
        yield 'a white point' => [[$plain, $whites], ['intensity' => 1, 'colour' => ['kelvin' => 2700]], [255, 10], []];
        yield 'a colour that it cannot' => [[$plain, $whites], ['intensity' => 1, 'colour' => ['hex' => '#ff0000']], [255, 10], ['nearest_preset']];
        yield 'no colour asked' => [[$plain, $whites], $white, [255, 4], []];
        yield 'no colour there' => [[$plain], ['intensity' => 1, 'colour' => ['hex' => '#ff0000']], [255], ['cannot_colour']];
        $pan = self::channel([Charts::range(0, 255, 'pan', ['start' => -270, 'end' => 270])], 99);
        $fine = ['label' => 'Fine', 'fineOf' => 2, 'default' => 3];
        yield 'it stays where it is' => [[$plain, $pan, $fine], $white, [255, 99, 3], []];
        yield 'it turns' => [[$plain, $pan, $fine], $white + ['pan' => 0], [255, 127, 255], []];
        yield 'beyond its travel' => [[$plain, $pan, $fine], $white + ['pan' => 300], [255, 255, 255], ['out_of_travel']];
        yield 'it has no tilt' => [[$plain, $pan, $fine], $white + ['tilt' => 10], [255, 99, 3], ['cannot_move']];
    }

    public function testCells(): void
    {
        $own = [self::channel([Charts::level()], 0, 1), ...self::rgb(1), self::channel([Charts::level()], 0, 2), ...self::rgb(2)];
        $red = ['x' => 0.7, 'y' => 0.299];
        $green = ['x' => 0.17, 'y' => 0.7];
        self::assertSame(
            [255, 255, 0, 0, 51, 0, 255, 0],
            self::solve($own, ['intensity' => 1, 'colour' => $red], ['2' => ['intensity' => 0.2, 'colour' => $green]])['values'],
        );
        // One dimmer over both: it takes the greatest, and the other's colours their share.
        $shared = [self::channel([Charts::level()]), ...self::rgb(1), ...self::rgb(2)];
        $answer = self::solve($shared, ['intensity' => 0.4, 'colour' => $red], ['2' => ['intensity' => 0.2, 'colour' => $green]]);
        self::assertSame([102, 255, 0, 0, 0, 128, 0], $answer['values']);
        self::assertSame(['dimmed_by_colour'], array_column($answer['notes'], 'code'));
    }

    /** What the notes do not excuse is met: intensity within 1/255, colour within Δu′v′ 0.004 of the nearest that can be mixed. */
    public function testValuesGiveWhatWasAsked(): void
    {
        $white = ['key' => 'white', 'x' => 0.31, 'y' => 0.32, 'flux' => 1.0];
        $amber = ['key' => 'amber', 'x' => 0.57, 'y' => 0.42, 'flux' => 0.5];
        $keys = ['red', 'green', 'blue', 'white', 'amber'];
        mt_srand(6);
        for ($turn = 0; $turn < 150; ++$turn) {
            $top = [255, 63, 127][mt_rand(0, 2)];
            $channels = [
                self::channel([Charts::level()]),
                ...array_map(
                    static fn (string $key): array => self::channel([Charts::range(0, $top, 'emitter', self::FULL + ['emitter' => $key])]),
                    $keys,
                ),
            ];
            $document = Charts::document($channels);
            $document['emitters'] = [...$document['emitters'], $white, $amber];
            $x = mt_rand(15, 65) / 100;
            $target = ['x' => $x, 'y' => min(0.68, 0.99 - $x) * mt_rand(10, 100) / 100];
            $recipe = ['brightest', 'white-first', 'three'][mt_rand(0, 2)];
            $intensity = mt_rand(1, 1000) / 1000;
            $answer = self::compute('light.solve', Json::encode([
                'profile' => $document, 'mode' => 'm', 'intent' => ['intensity' => $intensity, 'colour' => $target, 'recipe' => $recipe],
            ]));
            $near = self::compute('colour.solve', Json::encode([
                'emitters' => array_map(
                    static fn (array $one): array => array_intersect_key($one, ['key' => 1, 'x' => 1, 'y' => 1, 'flux' => 1]),
                    $document['emitters'],
                ),
                'target' => $target, 'recipe' => $recipe,
            ]));
            self::assertSame([], $answer['notes']);
            self::assertEqualsWithDelta($intensity, $answer['achieved']['cells'][0]['intensity'], 1 / 255);
            $off = self::distance($near, $answer['achieved']['cells'][0]);
            self::assertLessThanOrEqual(0.004, $off, Json::encode([$target, $recipe, $top, $answer['values']]));
            self::assertEqualsWithDelta($near['deltaUv'], $answer['deltaUv'], 0.004);
        }
    }

    #[DataProvider('refused')]
    public function testRefusals(string $code, string $field, string $rest): void
    {
        $profile = Json::encode(Charts::document([self::channel([Charts::emitter('red')])]));
        self::assertRefused($code, $field, 'light.solve', "{\"profile\":{$profile},\"mode\":\"m\",{$rest}}");
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function refused(): iterable
    {
        yield 'no intensity' => ['missing', 'intent.intensity', '"intent":{"colour":null}'];
        yield 'no colour' => ['missing', 'intent.colour', '"intent":{"intensity":1}'];
        yield 'too bright' => ['out_of_range', 'intent.intensity', '"intent":{"intensity":1.1,"colour":null}'];
        yield 'black' => ['no_colour', 'intent.colour.hex', '"intent":{"intensity":1,"colour":{"hex":"#000000"}}'];
        yield 'three of one' => ['recipe_needs_rgb', 'intent.recipe', '"intent":{"intensity":1,"colour":{"hex":"#ff0000"},"recipe":"three"}'];
        yield 'another recipe' => ['not_a_choice', 'intent.recipe', '"intent":{"intensity":1,"colour":null,"recipe":"plain"}'];
        yield 'no such cell' => [
            'unknown_cell', 'cells.2', '"intent":{"intensity":1,"colour":null},"cells":{"2":{"intensity":1,"colour":null}}',
        ];
        yield 'no cell at all' => [
            'unknown_cell', 'cells.left', '"intent":{"intensity":1,"colour":null},"cells":{"left":{"intensity":1,"colour":null}}',
        ];
        yield 'a cell of no colour' => [
            'no_colour', 'cells.1.colour.hex', '"intent":{"intensity":1,"colour":null},"cells":{"1":{"intensity":1,"colour":{"hex":"#12"}}}',
        ];
    }

    /**
     * @param array<string, mixed> $one
     * @param array<string, mixed> $other
     */
    private static function distance(array $one, array $other): float
    {
        $uv = static function (array $at): array {
            [$x, $y] = [(float) $at['x'], (float) $at['y']];
            $divisor = -2 * $x + 12 * $y + 3;

            return [4 * $x / $divisor, 9 * $y / $divisor];
        };

        return hypot($uv($one)[0] - $uv($other)[0], $uv($one)[1] - $uv($other)[1]);
    }
}
