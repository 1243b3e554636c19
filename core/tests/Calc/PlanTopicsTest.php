<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;

/** `address.plan` and `curve`: examples and refusals. */
final class PlanTopicsTest extends TopicTestCase
{
    /**
     * @return iterable<string, array{string, string, string, string}> fixtures, more members, placed as "id universe.address*" with *
     *                                                                 for changed, unplaced and changes
     */
    public static function plans(): iterable
    {
        $drums = '{"id":"a","mode":"m","footprint":9},{"id":"b","mode":"m","footprint":9}';
        yield 'packed' => [$drums, '"spacing":{"kind":"packed"},"goal":"fresh"', 'a 1.1* b 1.10*', ' 2'];
        yield 'as the desk has it' => [$drums, '"spacing":{"kind":"stride","stride":14,"first":1},"goal":"fresh"', 'a 1.1* b 1.15*', ' 2'];
        yield 'longer than a stride' => [
            '{"id":"a","mode":"m","footprint":27},{"id":"b","mode":"m","footprint":9}',
            '"spacing":{"kind":"stride","stride":14,"first":1},"goal":"fresh"',
            'a 1.1* b 1.29*',
            ' 2',
        ];
        yield 'round numbers' => [$drums, '"spacing":{"kind":"round","to":10},"goal":"fresh"', 'a 1.1* b 1.11*', ' 2'];
        yield 'where it stands already is no change' => [
            '{"id":"a","mode":"m","footprint":9,"universe":1,"address":1}',
            '"spacing":{"kind":"packed"},"goal":"fresh"',
            'a 1.1',
            ' 0',
        ];
        yield 'around a locked one' => [
            '{"id":"a","mode":"m","footprint":9},{"id":"l","mode":"m","footprint":5,"universe":1,"address":4,"locked":true}',
            '"spacing":{"kind":"packed"},"goal":"fresh"',
            'a 1.9* l 1.4',
            ' 1',
        ];
        yield 'gaps left earlier are filled' => [
            '{"id":"a","mode":"m","footprint":500},{"id":"b","mode":"n","footprint":20},{"id":"c","mode":"o","footprint":12}',
            '"universes":2,"spacing":{"kind":"packed"},"goal":"fresh"',
            'a 1.1* b 2.1* c 1.501*',
            ' 3',
        ];
        yield 'what does not fit is left over' => [
            '{"id":"a","mode":"m","footprint":500},{"id":"b","mode":"n","footprint":20}',
            '"spacing":{"kind":"packed"},"goal":"fresh"',
            'a 1.1*',
            'b 1',
        ];
        yield 'twins together' => [
            '{"id":"a","mode":"m","footprint":9},{"id":"b","mode":"m","footprint":9},{"id":"c","mode":"m","footprint":9,"twinOf":"a"}',
            '"spacing":{"kind":"packed"},"goal":"fresh"',
            'a 1.1* b 1.10* c 1.1*',
            ' 3',
        ];
        yield 'fewest: the short one moves when only it finds a place' => [
            '{"id":"long","mode":"m","footprint":300,"universe":1,"address":1},'
                .'{"id":"short","mode":"n","footprint":5,"universe":1,"address":300}',
            '"spacing":{"kind":"packed"},"goal":"fewest"',
            'long 1.1 short 1.301*',
            ' 1',
        ];
        yield 'fewest: kept ones are exempt from the spacing' => [
            '{"id":"a","mode":"m","footprint":4,"universe":1,"address":7},{"id":"b","mode":"m","footprint":4,"universe":1,"address":9}',
            '"spacing":{"kind":"round","to":10},"goal":"fewest"',
            'a 1.7 b 1.1*',
            ' 1',
        ];
        yield 'fewest: twins gather where one of them stands' => [
            '{"id":"a","mode":"m","footprint":4,"universe":1,"address":7},'
                .'{"id":"b","mode":"m","footprint":4,"universe":1,"address":40,"twinOf":"a"}',
            '"spacing":{"kind":"packed"},"goal":"fewest"',
            'a 1.7 b 1.7*',
            ' 1',
        ];
        yield 'fewest: two in the way of one' => [
            '{"id":"a","mode":"m","footprint":9,"universe":1,"address":1},{"id":"b","mode":"n","footprint":30,"universe":1,"address":5},'
                .'{"id":"c","mode":"m","footprint":9,"universe":1,"address":30}',
            '"spacing":{"kind":"packed"},"goal":"fewest"',
            'a 1.1 b 1.39* c 1.30',
            ' 1',
        ];
        yield 'fewest: one that overruns must move' => [
            '{"id":"a","mode":"m","footprint":9,"universe":1,"address":510}',
            '"spacing":{"kind":"packed"},"goal":"fewest"',
            'a 1.1*',
            ' 1',
        ];
    }

    #[DataProvider('plans')]
    public function testAPlanIsMade(string $fixtures, string $more, string $placed, string $rest): void
    {
        $more = str_contains($more, 'universes') ? $more : '"universes":1,'.$more;
        /** @var array{placed: list<array{id: string, universe: int, address: int, changed: bool}>, unplaced: list<string>, changes: int} */
        $plan = self::compute('address.plan', '{"fixtures":['.$fixtures.'],'.$more.'}');

        self::assertSame(
            $placed,
            implode(
                ' ',
                array_map(
                    static fn (array $row): string => $row['id'].' '.$row['universe'].'.'.$row['address'].($row['changed'] ? '*' : ''),
                    $plan['placed'],
                ),
            ),
        );
        self::assertSame($rest, implode(',', $plan['unplaced']).' '.$plan['changes']);
    }

    /** @return iterable<string, array{string, string, string}> code, field, fixtures */
    public static function badPlans(): iterable
    {
        yield 'an address without its universe' => ['missing', 'fixtures[0].universe', '{"id":"a","mode":"m","footprint":1,"address":1}'];
        yield 'a universe without an address' => ['missing', 'fixtures[0].address', '{"id":"a","mode":"m","footprint":1,"universe":1}'];
        yield 'locked nowhere' => ['missing', 'fixtures[0].address', '{"id":"a","mode":"m","footprint":1,"locked":true}'];
        yield 'locked past the end' => [
            'out_of_range',
            'fixtures[0].address',
            '{"id":"a","mode":"m","footprint":9,"universe":1,"address":510,"locked":true}',
        ];
        yield 'locked in another universe' => [
            'out_of_range',
            'fixtures[0].address',
            '{"id":"a","mode":"m","footprint":9,"universe":2,"address":1,"locked":true}',
        ];
        yield 'two locked that clash' => [
            'locked_clash',
            'fixtures[1].address',
            '{"id":"a","mode":"m","footprint":9,"universe":1,"address":1,"locked":true},'
                .'{"id":"b","mode":"n","footprint":9,"universe":1,"address":9,"locked":true}',
        ];
        yield 'twins locked apart' => [
            'locked_clash',
            'fixtures[1].address',
            '{"id":"a","mode":"m","footprint":9,"universe":1,"address":1,"locked":true},'
                .'{"id":"b","mode":"m","footprint":9,"universe":1,"address":50,"locked":true,"twinOf":"a"}',
        ];
        yield 'a twin of another mode' => [
            'twin_mode_differs',
            'fixtures[1].twinOf',
            '{"id":"a","mode":"m","footprint":9},{"id":"b","mode":"n","footprint":9,"twinOf":"a"}',
        ];
        yield 'a twin of another length' => [
            'twin_mode_differs',
            'fixtures[1].twinOf',
            '{"id":"a","mode":"m","footprint":9},{"id":"b","mode":"m","footprint":8,"twinOf":"a"}',
        ];
        yield 'a twin of nobody' => ['unknown_fixture', 'fixtures[0].twinOf', '{"id":"a","mode":"m","footprint":9,"twinOf":"z"}'];
        yield 'twins in a circle' => [
            'twin_circle',
            'fixtures[0].twinOf',
            '{"id":"a","mode":"m","footprint":9,"twinOf":"b"},{"id":"b","mode":"m","footprint":9,"twinOf":"a"}',
        ];
        yield 'an id twice' => ['duplicate', 'fixtures[1].id', '{"id":"a","mode":"m","footprint":9},{"id":"a","mode":"m","footprint":9}'];
        yield 'no channels' => ['out_of_range', 'fixtures[0].footprint', '{"id":"a","mode":"m","footprint":0}'];
    }

    #[DataProvider('badPlans')]
    public function testAnImpossibleTaskIsRefused(string $code, string $field, string $fixtures): void
    {
        self::assertRefused(
            $code,
            $field,
            'address.plan',
            '{"fixtures":['.$fixtures.'],"universes":1,"spacing":{"kind":"packed"},"goal":"fewest"}',
        );
    }

    public function testSpacingAndGoalAreChecked(): void
    {
        $with = static fn (string $more): string => '{"fixtures":[],"universes":1,'.$more.'}';
        self::assertRefused('not_a_choice', 'spacing.kind', 'address.plan', $with('"spacing":{"kind":"loose"},"goal":"fresh"'));
        self::assertRefused('missing', 'spacing.stride', 'address.plan', $with('"spacing":{"kind":"stride","first":1},"goal":"fresh"'));
        self::assertRefused('unknown_member', 'spacing.to', 'address.plan', $with('"spacing":{"kind":"packed","to":4},"goal":"fresh"'));
        self::assertRefused('not_a_choice', 'goal', 'address.plan', $with('"spacing":{"kind":"packed"},"goal":"best"'));
        self::assertRefused(
            'out_of_range',
            'universes',
            'address.plan',
            '{"fixtures":[],"universes":0,"spacing":{"kind":"packed"},"goal":"fresh"}',
        );
    }

    /** @return iterable<string, array{string, int}> */
    public static function curves(): iterable
    {
        yield 'linear' => ['"level":0.5,"shape":"linear","bound":"scale"', 128];
        yield 'square' => ['"level":0.5,"shape":"square","bound":"scale"', 64];
        yield 'root' => ['"level":0.25,"shape":"root","bound":"scale"', 128];
        yield 's' => ['"level":0.25,"shape":"s","bound":"scale"', 40];
        yield 'between limits' => ['"level":0.5,"shape":"linear","min":20,"max":120,"bound":"scale"', 70];
        yield 'a floor leaves light in a blackout' => ['"level":0,"shape":"linear","min":20,"bound":"scale"', 20];
        yield 'dead travel at the foot' => ['"level":0.05,"shape":"linear","min":20,"bound":"clamp"', 20];
        yield 'dead travel at the top' => ['"level":0.9,"shape":"linear","max":200,"bound":"clamp"', 200];
        yield 'a half that binary fractions miss' => ['"level":0.3,"shape":"linear","bound":"scale"', 77];
        yield 'a table' => ['"level":0.75,"shape":"table","bound":"scale","points":[[0,0],[0.5,0.2],[1,1]]', 153];
        yield 'a table that falls' => ['"level":1,"shape":"table","bound":"scale","points":[[0,1],[1,0]]', 0];
        yield 'equal limits' => ['"level":0.4,"shape":"linear","min":9,"max":9,"bound":"clamp"', 9];
    }

    #[DataProvider('curves')]
    public function testACurveGivesAValue(string $input, int $value): void
    {
        self::assertAnswer('{"value":'.$value.'}', 'curve', '{'.$input.'}');
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function badCurves(): iterable
    {
        yield 'limits crossed' => ['limits_crossed', 'min', '"level":0.5,"shape":"linear","min":200,"max":100,"bound":"scale"'];
        yield 'over full' => ['out_of_range', 'level', '"level":1.1,"shape":"linear","bound":"scale"'];
        yield 'another shape' => ['not_a_choice', 'shape', '"level":0.5,"shape":"wave","bound":"scale"'];
        yield 'no bound' => ['missing', 'bound', '"level":0.5,"shape":"linear"'];
        yield 'a table without points' => ['missing', 'points', '"level":0.5,"shape":"table","bound":"scale"'];
        yield 'points without a table' => ['unknown_member', 'points', '"level":0.5,"shape":"s","bound":"scale","points":[]'];
        yield 'points that do not begin at 0' => [
            'bad_points',
            'points',
            '"level":0.5,"shape":"table","bound":"scale","points":[[0.1,0],[1,1]]',
        ];
        yield 'points that go back' => [
            'bad_points',
            'points',
            '"level":0.5,"shape":"table","bound":"scale","points":[[0,0],[0.5,1],[0.5,0],[1,1]]',
        ];
        yield 'one point' => ['bad_points', 'points', '"level":0.5,"shape":"table","bound":"scale","points":[[0,0]]'];
        yield 'half limits' => ['wrong_type', 'max', '"level":0.5,"shape":"linear","max":100.5,"bound":"scale"'];
    }

    #[DataProvider('badCurves')]
    public function testABadCurveIsRefused(string $code, string $field, string $input): void
    {
        self::assertRefused($code, $field, 'curve', '{'.$input.'}');
    }
}
