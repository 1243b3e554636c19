<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\Core\Input\Json;

final class DeskTopicsTest extends TopicTestCase
{
    private const TENFOLD = [
        'format' => 'rigger-desk',
        'version' => 1,
        'name' => 'Tenfold 10',
        'layout' => 'buttons',
        'universe' => 1,
        'first' => 1,
        'buttons' => 10,
        'stride' => 14,
        'faders' => 7,
        'pages' => 2,
        'banks' => 20,
        'scenesPerBank' => 6,
    ];

    /**
     * @param list<string> $labels
     *
     * @return array<string, mixed>
     */
    private static function fixture(string $id, int $address, array $labels, string $mode = 'm', int $universe = 1): array
    {
        return ['id' => $id, 'universe' => $universe, 'address' => $address, 'mode' => $mode, 'labels' => $labels];
    }

    /** @return list<string> */
    private static function labels(int $count): array
    {
        return array_map(static fn (int $one): string => 'c'.$one, range(1, $count));
    }

    /**
     * @param array<string, mixed>       $desk
     * @param list<array<string, mixed>> $fixtures
     *
     * @return array<string, mixed>
     */
    private static function map(array $desk, array $fixtures): array
    {
        $answer = self::compute('desk.map', Json::encode(['desk' => $desk, 'fixtures' => $fixtures]));
        self::assertIsArray($answer);

        return $answer;
    }

    /** @return iterable<string, array{array<string, mixed>, int, list<string>}> strips as "button/page/fader@address" */
    public static function layouts(): iterable
    {
        yield 'buttons with pages' => [
            self::TENFOLD,
            15,
            ['2/1/1@15', '2/1/2@16', '2/1/3@17', '2/1/4@18', '2/1/5@19', '2/1/6@20', '2/1/7@21', '2/2/1@22'],
        ];
        yield 'flat with pages' => [
            ['layout' => 'flat', 'first' => 1, 'faders' => 6, 'pages' => 2] + self::TENFOLD,
            3,
            ['-/1/3@3', '-/1/4@4', '-/1/5@5', '-/1/6@6', '-/2/1@7', '-/2/2@8', '-/2/3@9', '-/2/4@10'],
        ];
        yield 'preset has one strip an address' => [
            ['layout' => 'preset', 'faders' => 6, 'pages' => 1] + self::TENFOLD,
            1,
            ['-/1/1@1', '-/1/2@2', '-/1/3@3', '-/1/4@4', '-/1/5@5', '-/1/6@6'],
        ];
        yield 'wide has twice as many' => [
            ['layout' => 'preset', 'faders' => 6, 'wide' => true] + self::TENFOLD,
            1,
            ['-/1/1@1', '-/1/2@2', '-/1/3@3', '-/1/4@4', '-/1/5@5', '-/1/6@6', '-/1/7@7', '-/1/8@8'],
        ];
        yield 'zones drive the lesser of faders and stride' => [
            ['layout' => 'zones', 'buttons' => 4, 'stride' => 4, 'faders' => 6, 'pages' => 3] + self::TENFOLD,
            5,
            ['2/1/1@5', '2/1/2@6', '2/1/3@7', '2/1/4@8', '3/1/1@9', '3/1/2@10', '3/1/3@11', '3/1/4@12'],
        ];
    }

    /**
     * @param array<string, mixed> $desk
     * @param list<string>         $expected
     */
    #[DataProvider('layouts')]
    public function testNamesEveryFaderThatTouchesAFixture(array $desk, int $address, array $expected): void
    {
        $strips = self::map($desk, [self::fixture('a', $address, self::labels(8))])['strips'];
        self::assertSame(
            $expected,
            array_map(
                static fn (array $strip): string => \sprintf(
                    '%s/%d/%d@%d',
                    $strip['button'] ?? '-',
                    $strip['page'],
                    $strip['fader'],
                    $strip['address'],
                ),
                $strips,
            ),
        );
        self::assertSame([['id' => 'a', 'channel' => 1, 'label' => 'c1']], $strips[0]['fixtures']);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, list<array<string, mixed>>, list<string>}> findings as "severity code fixture
     *                                                                                                 channels"
     */
    public static function surprises(): iterable
    {
        $four = self::labels(4);
        yield 'spills over into the next button' => [
            self::TENFOLD,
            [self::fixture('batten', 71, self::labels(16))],
            ['warning spills batten 15,16'],
        ];
        yield 'clash on the tail shares a button' => [
            self::TENFOLD,
            [self::fixture('batten', 71, self::labels(27)), self::fixture('pack', 85, $four)],
            ['warning spills batten 15,16,17,18,19,20,21,22,23,24,25,26,27', 'warning shared_button pack 1,2,3,4'],
        ];
        yield 'twins are a note on the later' => [
            self::TENFOLD,
            [self::fixture('one', 1, $four), self::fixture('two', 1, $four)],
            ['note twins two 1,2,3,4'],
        ];
        yield 'the same start in another mode is no twin' => [
            self::TENFOLD,
            [self::fixture('one', 1, $four), self::fixture('two', 1, self::labels(2), 'other')],
            ['warning shared_button two 1,2'],
        ];
        yield 'not where a button starts' => [
            self::TENFOLD,
            [self::fixture('pack', 16, self::labels(2))],
            ['warning not_aligned pack 1,2'],
        ];
        yield 'past the last button channels are hidden' => [
            self::TENFOLD,
            [self::fixture('spin', 127, self::labels(16))],
            ['error hidden spin 15,16'],
        ];
        yield 'beyond every fader' => [
            self::TENFOLD,
            [self::fixture('far', 200, self::labels(2))],
            ['error out_of_reach far 1,2'],
        ];
        yield 'before the first button: what lies before it is hidden, what lies past the first spills' => [
            ['first' => 5] + self::TENFOLD,
            [self::fixture('early', 3, self::labels(18)), self::fixture('a', 33, $four)],
            ['warning not_aligned early '.implode(',', range(1, 18)), 'warning spills early 17,18', 'error hidden early 1,2'],
        ];
        yield 'before the first button, and within it' => [
            ['first' => 5] + self::TENFOLD,
            [self::fixture('early', 4, $four)],
            ['warning not_aligned early 1,2,3,4', 'error hidden early 1'],
        ];
        yield 'twins that no fader reaches' => [
            self::TENFOLD,
            [self::fixture('far', 200, self::labels(2)), self::fixture('too', 200, self::labels(2))],
            ['error out_of_reach far 1,2', 'note twins too 1,2', 'error out_of_reach too 1,2'],
        ];
        yield 'channels between the last fader and the next button' => [
            ['faders' => 3, 'pages' => 1, 'stride' => 4] + self::TENFOLD,
            [self::fixture('a', 1, self::labels(4))],
            ['error hidden a 4'],
        ];
        yield 'another universe, and nothing else' => [
            self::TENFOLD,
            [self::fixture('a', 3, $four, 'm', 2)],
            ['error other_universe a 1,2,3,4'],
        ];
        yield 'a flat desk has no buttons to miss' => [
            ['layout' => 'flat', 'faders' => 4, 'pages' => 1] + self::TENFOLD,
            [self::fixture('a', 3, $four)],
            ['error hidden a 3,4'],
        ];
    }

    /**
     * @param array<string, mixed>       $desk
     * @param list<array<string, mixed>> $fixtures
     * @param list<string>               $expected
     */
    #[DataProvider('surprises')]
    public function testSaysWhatWillSurprise(array $desk, array $fixtures, array $expected): void
    {
        $said = array_map(
            static fn (array $finding): string => \sprintf(
                '%s %s %s %s',
                $finding['severity'],
                $finding['code'],
                $finding['fixture'],
                implode(',', $finding['channels']),
            ),
            self::map($desk, $fixtures)['findings'],
        );
        self::assertSame($expected, $said);
    }

    /**
     * @param list<array<string, mixed>> $fixtures
     * @param array<string, list<int>>   $values
     */
    private static function scene(array $fixtures, array $values, int $bank = 1): string
    {
        return Json::encode([
            'desk' => self::TENFOLD,
            'fixtures' => $fixtures,
            'scene' => ['bank' => $bank, 'number' => 3, 'values' => $values],
        ]);
    }

    public function testListsTheFadersToRaiseAndWhatCannotBeReached(): void
    {
        $fixtures = [
            self::fixture('b', 15, self::labels(9)),
            self::fixture('a', 1, self::labels(2)),
            self::fixture('far', 139, self::labels(3)),
            self::fixture('u2', 1, ['x'], 'm', 2),
            self::fixture('left', 29, ['y']),
        ];
        $json = self::scene($fixtures, ['b' => [0, 0, 0, 0, 0, 0, 0, 9, 0], 'a' => [10, 0], 'far' => [0, 7, 8], 'u2' => [5]]);
        self::assertAnswer(
            '{"steps":[{"button":1,"page":1,"fader":1,"value":10,"label":"c1"},'
                .'{"button":2,"page":2,"fader":1,"value":9,"label":"c8"},{"button":10,"page":2,"fader":7,"value":7,"label":"c2"}],'
                .'"unreachable":[{"fixture":"far","channel":3,"value":8},{"fixture":"u2","channel":1,"value":5}]}',
            'desk.program', $json,
        );
    }

    public function testTwinsMustAgreeAndAreOneFader(): void
    {
        $twins = [self::fixture('one', 1, self::labels(2)), self::fixture('two', 1, self::labels(2))];
        self::assertAnswer(
            '{"steps":[{"button":1,"page":1,"fader":2,"value":9,"label":"c2"}],"unreachable":[]}',
            'desk.program',
            self::scene($twins, ['one' => [0, 9], 'two' => [0, 9]]),
        );
        self::assertRefused('twins_disagree', 'scene.values.two', 'desk.program', self::scene($twins, ['one' => [0, 9], 'two' => [0, 8]]));
    }

    public function testRefusesScenesThatDoNotFit(): void
    {
        $one = [self::fixture('one', 1, self::labels(2))];
        self::assertRefused('values_count', 'scene.values.one', 'desk.program', self::scene($one, ['one' => [1]]));
        self::assertRefused('unknown_fixture', 'scene.values.two', 'desk.program', self::scene($one, ['two' => [1]]));
        self::assertRefused('out_of_range', 'scene.bank', 'desk.program', self::scene($one, [], 21));
        self::assertRefused('out_of_range', 'scene.values.one[1]', 'desk.program', self::scene($one, ['one' => [1, 256]]));
    }

    public function testNoValuesMayComeAsAnEmptyList(): void
    {
        self::assertAnswer('{"steps":[],"unreachable":[]}', 'desk.program', self::scene([self::fixture('one', 1, ['a'])], []));
    }
}
