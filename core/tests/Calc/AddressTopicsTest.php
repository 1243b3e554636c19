<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\Core\Patch\AddressCheck;
use Rigger\Core\Patch\Placed;
use Rigger\Core\Patch\Relation;
use Rigger\Core\Patch\RelationKind;
use Rigger\Core\Patch\Span;

final class AddressTopicsTest extends TopicTestCase
{
    /** @return iterable<string, array{int, int, string}> */
    public static function spans(): iterable
    {
        yield 'seven channels at 30 end at 36' => [30, 7, '{"first":30,"last":36,"next":37,"fits":true}'];
        yield 'one channel at 512 fits, and nothing follows' => [512, 1, '{"first":512,"last":512,"next":null,"fits":true}'];
        yield 'two at 512 do not fit' => [512, 2, '{"first":512,"last":513,"next":null,"fits":false}'];
        yield 'the whole universe' => [1, 512, '{"first":1,"last":512,"next":null,"fits":true}'];
        yield 'the slot before the last' => [511, 1, '{"first":511,"last":511,"next":512,"fits":true}'];
    }

    #[DataProvider('spans')]
    public function testTheLastChannelIsStartPlusCountLessOne(int $address, int $footprint, string $expected): void
    {
        self::assertAnswer($expected, 'address.span', \sprintf('{"address":%d,"footprint":%d}', $address, $footprint));
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function refusals(): iterable
    {
        yield 'address 0' => ['address_out_of_range', 'address', 'address.span', '{"address":0,"footprint":1}'];
        yield 'address 513' => ['address_out_of_range', 'address', 'address.span', '{"address":513,"footprint":1}'];
        yield 'address 1e20' => ['address_out_of_range', 'address', 'address.span', '{"address":1e20,"footprint":1}'];
        yield 'address 1.5' => ['wrong_type', 'address', 'address.span', '{"address":1.5,"footprint":1}'];
        yield 'address in quotes' => ['wrong_type', 'address', 'address.span', '{"address":"12","footprint":1}'];
        yield 'address null' => ['wrong_type', 'address', 'address.span', '{"address":null,"footprint":1}'];
        yield 'footprint 600' => ['out_of_range', 'footprint', 'address.span', '{"address":1,"footprint":600}'];
        yield 'footprint missing' => ['missing', 'footprint', 'address.span', '{"address":1}'];
        yield 'a slip of the keys comes before what is missing' => ['unknown_member', 'adress', 'address.span', '{"adress":1}'];
        yield 'a list instead of an object' => ['wrong_type', '', 'address.span', '[]'];
        yield 'a number instead of an object' => ['wrong_type', '', 'address.span', '5'];
        yield 'a fixture given twice' => [
            'duplicate',
            'fixtures[1].id',
            'address.check',
            '{"fixtures":[{"id":"7","universe":1,"address":1,"mode":"m","footprint":1},'
                .'{"id":"7","universe":1,"address":9,"mode":"m","footprint":1}]}',
        ];
        yield 'universe 0' => [
            'out_of_range',
            'fixtures[0].universe',
            'address.check',
            '{"fixtures":[{"id":"a","universe":0,"address":1,"mode":"m","footprint":1}]}',
        ];
        yield 'an unknown member deep down' => [
            'unknown_member',
            'fixtures[0].mod',
            'address.check',
            '{"fixtures":[{"id":"a","universe":1,"address":1,"mod":"m","footprint":1}]}',
        ];
        yield 'a topic that does not exist' => ['unknown_topic', 'topic', 'address.spam', '{}'];
    }

    #[DataProvider('refusals')]
    public function testRefusesWithItsCodeAtItsField(string $code, string $field, string $topic, string $json): void
    {
        self::assertRefused($code, $field, $topic, $json);
    }

    public function testANumberWithoutFractionIsWholeHoweverWritten(): void
    {
        self::assertAnswer('{"first":5,"last":6,"next":7,"fits":true}', 'address.span', '{"address":5.0,"footprint":2e0}');
    }

    public function testTellsTwinsMixedSharesAndClashesApart(): void
    {
        $json = '{"fixtures":['
            .'{"id":"drum1","universe":1,"address":1,"mode":"nine","footprint":9},'
            .'{"id":"drum2","universe":1,"address":1,"mode":"nine","footprint":9},'
            .'{"id":"drum3","universe":1,"address":1,"mode":"five","footprint":5},'
            .'{"id":"pack","universe":1,"address":8,"mode":"four","footprint":4},'
            .'{"id":"other","universe":2,"address":8,"mode":"four","footprint":4}]}';
        self::assertAnswer('{"relations":['
            .'{"kind":"twins","a":"drum1","b":"drum2","universe":1,"from":1,"to":9},'
            .'{"kind":"mixed","a":"drum1","b":"drum3","universe":1,"from":1,"to":5},'
            .'{"kind":"clash","a":"drum1","b":"pack","universe":1,"from":8,"to":9},'
            .'{"kind":"mixed","a":"drum2","b":"drum3","universe":1,"from":1,"to":5},'
            .'{"kind":"clash","a":"drum2","b":"pack","universe":1,"from":8,"to":9}],'
            .'"usage":[{"universe":1,"used":11,"free":501,"largestGap":{"from":12,"to":512}},'
            .'{"universe":2,"used":4,"free":508,"largestGap":{"from":12,"to":512}}]}', 'address.check', $json);
    }

    public function testOverrunsComeLastAndTheSharedSpanStopsAt512(): void
    {
        $json = '{"fixtures":[{"id":"a","universe":1,"address":510,"mode":"m","footprint":9},'
            .'{"id":"b","universe":1,"address":511,"mode":"m","footprint":9}]}';
        self::assertAnswer('{"relations":[{"kind":"clash","a":"a","b":"b","universe":1,"from":511,"to":512},'
            .'{"kind":"overrun","a":"a","universe":1,"from":513,"to":518},{"kind":"overrun","a":"b","universe":1,"from":513,"to":519}],'
            .'"usage":[{"universe":1,"used":3,"free":509,"largestGap":{"from":1,"to":509}}]}', 'address.check', $json);
    }

    public function testAFullUniverseHasNoGapAndOfEqualGapsTheFirstCounts(): void
    {
        self::assertAnswer(
            '{"relations":[],"usage":[{"universe":3,"used":512,"free":0,"largestGap":null}]}',
            'address.check',
            '{"fixtures":[{"id":"a","universe":3,"address":1,"mode":"m","footprint":512}]}',
        );
        self::assertAnswer(
            '{"relations":[],"usage":[{"universe":1,"used":2,"free":510,"largestGap":{"from":1,"to":255}}]}',
            'address.check',
            '{"fixtures":[{"id":"a","universe":1,"address":256,"mode":"m","footprint":2}]}',
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function switches(): iterable
    {
        yield '37 counted from one' => ['{"address":37,"switches":9,"base":1}', '{"on":[1,3,6],"pattern":"101001000"}'];
        yield '37 counted from zero' => ['{"address":37,"switches":9,"base":0}', '{"on":[3,6],"pattern":"001001000"}'];
        yield 'the tenth is left off' => ['{"address":511,"switches":10,"base":1}', '{"on":[1,2,3,4,5,6,7,8,9],"pattern":"1111111110"}'];
        yield '1 from zero is all down' => ['{"address":1,"switches":9,"base":0}', '{"on":[],"pattern":"000000000"}'];
        yield '512 from zero' => ['{"address":512,"switches":9,"base":0}', '{"on":[1,2,3,4,5,6,7,8,9],"pattern":"111111111"}'];
        yield 'back, in any order, repeats and the tenth aside' => ['{"on":[6,1,3,3,10],"base":1}', '{"address":37}'];
        yield 'back, all down from zero' => ['{"on":[],"base":0}', '{"address":1}'];
    }

    #[DataProvider('switches')]
    public function testSpellsAddressesOnSwitchesAndReadsThemBack(string $json, string $expected): void
    {
        self::assertAnswer($expected, 'dip', $json);
    }

    public function testRefusesWhatSwitchesCannotSpell(): void
    {
        self::assertRefused('not_expressible', 'base', 'dip', '{"address":512,"switches":9,"base":1}');
        self::assertRefused('address_out_of_range', 'on', 'dip', '{"on":[10],"base":1}');
        self::assertRefused('out_of_range', 'on[1]', 'dip', '{"on":[1,11],"base":1}');
        self::assertRefused('out_of_range', 'switches', 'dip', '{"address":1,"switches":8,"base":1}');
        self::assertRefused('missing', 'base', 'dip', '{"address":1,"switches":9}');
    }

    public function testWhatWouldFillTheMemoryIsRefusedBeforeItIsComputed(): void
    {
        $unit = static fn (int $nth, int $address, int $footprint): array => [
            'id' => 'f'.$nth,
            'universe' => 1,
            'address' => $address,
            'mode' => 'm'.$nth,
            'footprint' => $footprint,
        ];
        $crowd = array_map(static fn (int $nth): array => $unit($nth, 1 + $nth % 100, 100), range(1, 3000));
        self::assertRefused('out_of_range', 'fixtures', 'address.check', (string) json_encode(['fixtures' => $crowd]));
        // As many that stand apart are no trouble.
        $apart = array_map(
            static fn (int $nth): array => ['universe' => 1 + intdiv($nth, 500)] + $unit($nth, 1 + $nth % 500, 1),
            range(0, 2999),
        );
        self::assertSame([], ((array) self::compute('address.check', (string) json_encode(['fixtures' => $apart])))['relations']);
        $many = array_map(static fn (int $nth): array => ['id' => 'f'.$nth, 'mode' => 'm', 'footprint' => 1], range(1, 5000));
        self::assertRefused(
            'out_of_range',
            'fixtures',
            'address.plan',
            (string) json_encode(['fixtures' => $many, 'universes' => 20, 'spacing' => ['kind' => 'packed'], 'goal' => 'fresh']),
        );
    }

    public function testPairsAreCountedAsTheyAreTold(): void
    {
        mt_srand(11);
        for ($turn = 0; $turn < 60; ++$turn) {
            $fixtures = array_map(
                static fn (int $nth): Placed => new Placed('f'.$nth, mt_rand(1, 2), Span::at(mt_rand(1, 512), mt_rand(1, 60)), 'm'),
                range(1, mt_rand(2, 40)),
            );
            $told = array_filter(
                AddressCheck::of($fixtures)->relations,
                static fn (Relation $relation): bool => RelationKind::Overrun !== $relation->kind,
            );
            self::assertSame(\count($told), AddressCheck::pairs($fixtures));
        }
    }
}
