<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\Core\Input\Json;

final class DeskPlanTopicTest extends TopicTestCase
{
    private const TENFOLD = [
        'format' => 'rigger-desk',
        'version' => 1,
        'name' => 'Tenfold 10',
        'layout' => 'buttons',
        'buttons' => 10,
        'stride' => 14,
        'faders' => 7,
        'pages' => 2,
    ];
    private const ROW = [
        'format' => 'rigger-desk',
        'version' => 1,
        'name' => 'Row',
        'layout' => 'flat',
        'first' => 11,
        'faders' => 6,
        'pages' => 2,
    ];

    /**
     * @param list<string>                            $wants
     * @param array<string, array{int, list<string>}> $modes footprint and functions by key
     *
     * @return array<string, mixed>
     */
    private static function wish(string $id, array $wants, array $modes, ?string $with = null): array
    {
        $listed = array_map(
            static fn (string $key, array $mode): array => ['key' => $key, 'footprint' => $mode[0], 'functions' => $mode[1]],
            array_keys($modes),
            $modes,
        );

        return ['id' => $id, 'modes' => $listed, 'wants' => $wants] + (null === $with ? [] : ['with' => $with]);
    }

    /**
     * @param array<string, mixed>       $desk
     * @param list<array<string, mixed>> $wishes
     */
    private static function json(array $desk, array $wishes): string
    {
        return Json::encode(['desk' => $desk, 'fixtures' => $wishes]);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, list<array<string, mixed>>, list<string>}> lines "id mode button@address",
     *                                                                                                 then "id reason"
     */
    public static function plans(): iterable
    {
        $drum = [
            'nine' => [9, ['intensity', 'emitter', 'strobe']],
            'five' => [5, ['emitter']],
            'two' => [2, ['intensity', 'colour-preset']],
        ];
        $long = ['cells' => [27, ['intensity', 'emitter']]];
        yield 'nothing wanted takes the shortest mode' => [self::TENFOLD, [self::wish('a', [], $drum)], ['a two 1@1']];
        yield 'the fewest channels that have all' => [
            self::TENFOLD,
            [self::wish('a', ['emitter', 'strobe'], $drum), self::wish('b', ['emitter'], $drum)],
            ['a nine 1@1', 'b five 2@15'],
        ];
        yield 'of equals the first listed' => [self::TENFOLD, [self::wish('a', [], ['x' => [4, []], 'y' => [4, []]])], ['a x 1@1']];
        yield 'no mode has them all' => [
            self::TENFOLD,
            [self::wish('a', ['pan'], $drum), self::wish('b', [], $drum)],
            ['b two 1@1', 'a wants_not_met'],
        ];
        yield 'those that have them are too long' => [self::TENFOLD, [self::wish('a', ['emitter'], $long)], ['a no_mode_fits']];
        yield 'no modes at all' => [self::TENFOLD, [self::wish('a', [], [])], ['a wants_not_met']];
        yield 'a partner has the same button' => [
            self::TENFOLD,
            [self::wish('a', ['emitter'], $drum), self::wish('b', [], $drum, 'a'), self::wish('c', [], $drum)],
            ['a five 1@1', 'b five 1@1', 'c two 2@15'],
        ];
        yield 'a partner without that mode' => [
            self::TENFOLD,
            [
                self::wish('a', ['emitter'], $drum),
                self::wish('b', [], ['five' => [6, []]], 'a'),
                self::wish('c', [], ['other' => [5, []]], 'a'),
            ],
            ['a five 1@1', 'b no_mode_fits', 'c no_mode_fits'],
        ];
        yield 'a partner whose wants that mode does not meet' => [
            self::TENFOLD,
            [self::wish('a', ['emitter'], $drum), self::wish('b', ['strobe'], $drum, 'a')],
            ['a five 1@1', 'b wants_not_met'],
        ];
        yield 'a partner of one that finds nothing' => [
            self::TENFOLD,
            [self::wish('a', ['pan'], $drum), self::wish('b', [], $drum, 'a')],
            ['a wants_not_met', 'b wants_not_met'],
        ];
        yield 'partners of partners' => [
            self::TENFOLD,
            [self::wish('7', [], $drum), self::wish('8', [], $drum, '7'), self::wish('9', [], $drum, '8')],
            ['7 two 1@1', '8 two 1@1', '9 two 1@1'],
        ];
        yield 'buttons run out' => [
            ['buttons' => 1] + self::TENFOLD,
            [self::wish('a', [], $drum), self::wish('b', [], $drum)],
            ['a two 1@1', 'b no_button_left'],
        ];
        yield 'a stride shorter than its faders' => [
            ['stride' => 4] + self::TENFOLD,
            [self::wish('a', ['emitter'], $drum)],
            ['a no_mode_fits'],
        ];
        yield 'a button past 512 is skipped for good' => [
            ['first' => 505, 'buttons' => 2] + self::TENFOLD,
            [self::wish('a', ['strobe'], $drum), self::wish('b', [], $drum)],
            ['a no_button_left', 'b no_button_left'],
        ];
        yield 'zones hold what their faders drive' => [
            ['layout' => 'zones', 'faders' => 4, 'stride' => 6, 'pages' => 1] + self::TENFOLD,
            [self::wish('a', ['emitter'], $drum), self::wish('b', [], $drum), self::wish('c', [], $drum)],
            ['b two 1@1', 'c two 2@7', 'a no_mode_fits'],
        ];
        yield 'a row hands out addresses' => [
            self::ROW,
            [
                self::wish('a', ['emitter'], $drum),
                self::wish('b', [], $drum),
                self::wish('c', ['emitter'], $drum),
                self::wish('d', [], $drum),
            ],
            ['a five -@11', 'b two -@16', 'c five -@18', 'd no_button_left'],
        ];
        yield 'a shorter one still finds the end of a row' => [
            self::ROW,
            [self::wish('a', ['strobe'], $drum), self::wish('b', ['emitter'], $drum), self::wish('c', [], $drum)],
            ['a nine -@11', 'c two -@20', 'b no_button_left'],
        ];
        yield 'longer than the whole row' => [self::ROW, [self::wish('a', [], $long)], ['a no_mode_fits']];
        yield 'two rows count once' => [
            ['layout' => 'preset', 'pages' => 1] + self::ROW,
            [self::wish('a', ['strobe'], $drum)],
            ['a no_mode_fits'],
        ];
        yield 'and twice when joined' => [
            ['layout' => 'preset', 'pages' => 1, 'wide' => true] + self::ROW,
            [self::wish('a', ['strobe'], $drum)],
            ['a nine -@11'],
        ];
        yield 'a row ends at 512' => [
            ['first' => 510] + self::ROW,
            [self::wish('a', ['emitter'], $drum), self::wish('b', [], $drum)],
            ['b two -@510', 'a no_mode_fits'],
        ];
    }

    /**
     * @param array<string, mixed>       $desk
     * @param list<array<string, mixed>> $wishes
     * @param list<string>               $expected
     */
    #[DataProvider('plans')]
    public function testGivesModeButtonAndAddress(array $desk, array $wishes, array $expected): void
    {
        $answer = self::compute('desk.plan', self::json($desk, $wishes));
        self::assertIsArray($answer);
        $said = array_map(
            static fn (array $row): string => \sprintf('%s %s %s@%d', $row['id'], $row['mode'], $row['button'] ?? '-', $row['address']),
            $answer['assigned'],
        );
        foreach ($answer['unassigned'] as $one) {
            $said[] = $one['id'].' '.$one['reason'];
        }
        self::assertSame($expected, $said);
    }

    public function testRefusesWhatRefersToNothing(): void
    {
        $mode = ['m' => [3, []]];
        self::assertRefused(
            'unknown_fixture',
            'fixtures[0].with',
            'desk.plan',
            self::json(self::TENFOLD, [self::wish('a', [], $mode, 'b'), self::wish('b', [], $mode)]),
        );
        self::assertRefused(
            'unknown_fixture',
            'fixtures[0].with',
            'desk.plan',
            self::json(self::TENFOLD, [self::wish('a', [], $mode, 'a')]),
        );
        self::assertRefused(
            'duplicate',
            'fixtures[1].id',
            'desk.plan',
            self::json(self::TENFOLD, [self::wish('a', [], $mode), self::wish('a', [], $mode)]),
        );
        self::assertRefused(
            'duplicate',
            'fixtures[0].modes[1].key',
            'desk.plan',
            Json::encode([
                'desk' => self::TENFOLD,
                'fixtures' => [[
                    'id' => 'a',
                    'wants' => [],
                    'modes' => [['key' => 'm', 'footprint' => 1, 'functions' => []], ['key' => 'm', 'footprint' => 2, 'functions' => []]],
                ]],
            ]),
        );
        self::assertRefused(
            'out_of_range',
            'fixtures[0].modes[0].footprint',
            'desk.plan',
            self::json(self::TENFOLD, [self::wish('a', [], ['m' => [0, []]])]),
        );
        self::assertRefused(
            'missing',
            'fixtures[0].wants',
            'desk.plan',
            Json::encode(['desk' => self::TENFOLD, 'fixtures' => [['id' => 'a', 'modes' => []]]]),
        );
        self::assertRefused(
            'wrong_type',
            'fixtures[0].with',
            'desk.plan',
            Json::encode(['desk' => self::TENFOLD, 'fixtures' => [['id' => 'a', 'modes' => [], 'wants' => [], 'with' => null]]]),
        );
    }
}
