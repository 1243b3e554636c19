<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Rig;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Change\ChangeReader;
use Rigger\Core\Change\Changes;
use Rigger\Core\Change\Refused;
use Rigger\Core\CoreException;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Finding\Wording;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Judge\Judge;
use Rigger\Core\Judge\Lines\CableOffers;
use Rigger\Core\Judge\Lines\CableWish;
use Rigger\Core\Line\Cable\Adapters;
use Rigger\Core\Line\Cable\Ends;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Line\LoadList;
use Rigger\Core\Rig\Line\RunItem;
use Rigger\Core\Rig\Rig;

/** Data runs of the demo: Splitter A at the end of Booth feeds Front, Mid and Floor. */
final class CablingTest extends TestCase
{
    private static SmallWorld $world;

    protected function setUp(): void
    {
        self::$world = new SmallWorld();
    }

    /** @param array<string, mixed> ...$changes */
    private static function change(Rig $rig, array ...$changes): Rig
    {
        $read = array_map(
            static fn (array $one): \Rigger\Core\Change\Change => ChangeReader::read(Json::decode(Json::encode($one)), ''),
            array_values($changes),
        );

        return [] === $read ? $rig : Changes::apply($read, $rig, self::$world)->rig;
    }

    private static function unit(string $name): string
    {
        return Rigs::named(Rigs::demo(), $name)->id;
    }

    private static function item(Rig $rig, string $name): string
    {
        foreach ($rig->runs as $run) {
            foreach ($run->items as $item) {
                if ($name === (null === $item->unitId ? $item->splitter?->name : $rig->unit($item->unitId)->name)) {
                    return $item->id;
                }
            }
        }
        self::fail($name.' is on no run');
    }

    /** @param list<string> $ids */
    private static function names(Rig $rig, array $ids): string
    {
        return implode(' ', array_map(static fn (string $id): string => str_replace(' ', '', $rig->unit($id)->name), $ids));
    }

    private static function order(Rig $rig, string $run): string
    {
        foreach ($rig->runs as $one) {
            if ($one->name === $run) {
                return self::names($rig, $one->unitIds());
            }
        }

        return 'no such run';
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function plugs(): iterable
    {
        yield 'the last one' => ['Drum 6', 'Drum6', 'Drum5 Panel Haar'];
        yield 'one in the middle' => ['Batten', 'Batten SpinR Drum4', 'PackB Drum3 SpinL'];
        yield 'the first of a run' => ['Pack A', 'PackA Drum1 Drum2', ''];
        yield 'the cable to the splitter' => [
            'Splitter A',
            'PackA Drum1 Drum2 PackB Drum3 SpinL Batten SpinR Drum4 Drum5 Panel Haar Drum6',
            '',
        ];
    }

    #[DataProvider('plugs')]
    public function testWhoGoesDarkWhenAPlugIsPulled(string $before, string $dark, string $flickers): void
    {
        $rig = Rigs::demo();
        $pulled = $rig->cabling()->pulled(self::item($rig, $before));
        self::assertSame([$dark, $flickers], [self::names($rig, $pulled->dark), self::names($rig, $pulled->flickers)]);
    }

    public function testNobodyIsBothDarkAndFlickeringAndWhoIsDarkHangsBehindThePlug(): void
    {
        foreach (range(1, 60) as $seed) {
            $rig = Rigs::byChance($seed, 30);
            foreach ($rig->runs as $run) {
                foreach ($run->items as $place => $item) {
                    $pulled = $rig->cabling()->pulled($item->id);
                    self::assertSame([], array_intersect($pulled->dark, $pulled->flickers));
                    $next = $run->items[$place + 1] ?? null;
                    $behind = null === $next ? [] : $rig->cabling()->pulled($next->id)->dark;
                    self::assertSame([], array_diff($behind, $pulled->dark), 'what is dark behind stays dark');
                }
            }
        }
    }

    /** @return iterable<string, array{Ends, Ends, Ends, list<string>}> */
    public static function adapted(): iterable
    {
        [$three, $five, $net, $bare] = [Ends::Three, Ends::Five, Ends::Network, Ends::Bare];
        yield 'all alike' => [$three, $three, $three, []];
        yield 'three into five' => [$three, $three, $five, ['3-pin male to 5-pin female']];
        yield 'five on to three' => [$five, $three, $three, ['5-pin male to 3-pin female']];
        yield 'on both ends' => [$five, $three, $five, ['5-pin male to 3-pin female', '3-pin male to 5-pin female']];
        yield 'network cable between pins' => [$three, $net, $five, ['3-pin male to RJ45 socket', 'RJ45 socket to 5-pin female']];
        yield 'pins between network sockets' => [$net, $three, $net, ['RJ45 plug to 3-pin female', '3-pin male to RJ45 plug']];
        yield 'bare wires are put on terminals' => [$three, $bare, $bare, []];
        yield 'onto terminals' => [$three, $three, $bare, []];
    }

    /** @param list<string> $adapters */
    #[DataProvider('adapted')]
    public function testAdaptersFollowFromTheEnds(Ends $out, Ends $cable, Ends $in, array $adapters): void
    {
        self::assertSame($adapters, Adapters::between($out, $cable, $in));
    }

    public function testTheLoadListCountsCablesAdaptersAndTerminators(): void
    {
        $rig = Rigs::demo();
        $list = LoadList::of($rig->runs, $rig->cabling());
        self::assertSame([0, 0], [$list->unknown, $list->joins]);
        self::assertSame([
            'Data cable, 3-pin, 2 m 1 + 1',
            'Data cable, 3-pin, 3 m 5 + 1',
            'Data cable, 3-pin, 10 m 6 + 1',
            'Data cable, 3-pin, 15 m 1 + 1',
            'Microphone cable, 3-pin, 9 m 1 + 1',
            'Adapter, 3-pin male to 5-pin female 2 + 1',
            'Adapter, 5-pin male to 3-pin female 2 + 1',
            'Terminator, 3-pin male 2 + 1',
            'Splitter 1 + 0',
        ], array_map(static fn (array $line): string => $line['what'].' '.$line['count'].' + '.$line['spare'], $list->lines));
    }

    public function testLengthsFollowThePlanUntilSomebodySaysThem(): void
    {
        $rig = Rigs::demo();
        [$mid, $place] = $rig->cabling()->placeOf(self::item($rig, 'Spin L')) ?? self::fail('nowhere');
        // From Drum 3 at -2.6 to Spin L at -1.4: 1.2 m, a tenth more, and a metre.
        self::assertEqualsWithDelta(2.32, $rig->cabling()->length($mid, $place)->needed, 1e-9);
        self::assertSame(3.0, $rig->cabling()->length($mid, $place)->metres());

        $said = self::change($rig, ['do' => 'change-items', 'items' => [self::item($rig, 'Spin L')], 'metres' => '7,5 m']);
        self::assertSame(7.5, $said->cabling()->length($said->run($mid->id), $place)->metres());
        $back = self::change($said, ['do' => 'change-items', 'items' => [self::item($rig, 'Spin L')], 'metres' => '']);
        self::assertSame(3.0, $back->cabling()->length($back->run($mid->id), $place)->metres());

        $far = self::change($rig, ['do' => 'place-unit', 'unit' => self::unit('Spin L'), 'x' => 30.0, 'y' => 2.5]);
        $length = $far->cabling()->length($far->run($mid->id), $place);
        // Where nobody says how high, it stands on the floor, 3.6 m below Drum 3.
        self::assertEqualsWithDelta((32.6 + 3.6) * 1.1 + 1, $length->needed, 1e-9);
        self::assertSame([20.0, 20.0, 2.0], $length->pieces());
        self::assertSame(40.8, round((float) $length->metres(), 1));
    }

    public function testAUnitHangsOnOneRunAndTakesItsSocketsWithIt(): void
    {
        $rig = self::change(Rigs::demo(), [
            'do' => 'put-on-run', 'run' => 'run-1', 'units' => [self::unit('Spin R'), self::unit('Tape')],
            'before' => self::item(Rigs::demo(), 'Drum 1'),
        ]);
        self::assertSame('PackA SpinR Tape Drum1 Drum2', self::order($rig, 'Front'));
        self::assertSame('PackB Drum3 SpinL Batten Drum4', self::order($rig, 'Mid'));
        self::assertSame(Ends::Five, $rig->run('run-1')->items[1]->ends);
        self::assertSame(Ends::Three, $rig->run('run-1')->items[2]->ends);

        // Beside itself it stays where it is.
        $same = self::change($rig, [
            'do' => 'put-on-run', 'run' => 'run-1', 'units' => [self::unit('Spin R'), self::unit('Tape')],
            'before' => self::item($rig, 'Spin R'),
        ]);
        self::assertSame('PackA SpinR Tape Drum1 Drum2', self::order($same, 'Front'));
    }

    public function testWhatASplitterFedIsPluggedInNowhereWhenItGoes(): void
    {
        $rig = self::change(Rigs::demo(), ['do' => 'take-off-run', 'items' => [self::item(Rigs::demo(), 'Splitter A')]]);
        self::assertSame([false, true, true, true], [
            null === $rig->run('run-0')->from, null === $rig->run('run-1')->from, null === $rig->run('run-2')->from,
            null === $rig->run('run-3')->from,
        ]);
        self::assertCount(3, self::found($rig, 'not_plugged_in'));
        $gone = self::change(Rigs::demo(), ['do' => 'remove-run', 'run' => 'run-0']);
        self::assertNull($gone->run('run-1')->from);
    }

    public function testAUnitThatComesDownLeavesItsRun(): void
    {
        $rig = self::change(Rigs::demo(), ['do' => 'remove-unit', 'unit' => self::unit('Batten')]);
        self::assertSame('PackB Drum3 SpinL SpinR Drum4', self::order($rig, 'Mid'));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> change, code, words of it */
    public static function refusals(): iterable
    {
        yield 'fed by itself' => [
            ['do' => 'change-run', 'run' => 'run-0', 'at' => 'splitter', 'splitter' => 'item-0-0'],
            'loop',
            'Booth cannot begin at Splitter A: that hangs on Booth, which comes from Booth itself.',
        ];
        yield 'a fifth output' => [
            ['do' => 'change-run', 'run' => 'run-1', 'output' => 5],
            'out_of_range',
            'Splitter A has 4 outputs, and all of them or number 5 is asked for.',
        ];
        yield 'behind a splitter' => [
            ['do' => 'put-on-run', 'run' => 'run-0', 'units' => ['unit-12']],
            'after_splitter',
            'Booth ends in Splitter A: begin another run at one of its outputs.',
        ];
        yield 'shorter than nothing' => [
            ['do' => 'change-items', 'items' => ['item-1-0'], 'metres' => '-3'],
            'out_of_range',
            'A cable is 0 to 1000 m long, not -3.',
        ];
        yield 'no length at all' => [
            ['do' => 'change-items', 'items' => ['item-1-0'], 'metres' => 'long'],
            'wrong_type',
            'Type metres, such as 12 or 7.5, or nothing to follow the stage plan.',
        ];
        yield 'an order that leaves one out' => [
            ['do' => 'order-run', 'run' => 'run-1', 'items' => ['item-1-0', 'item-1-1']],
            'not_the_same',
            'Something came to Front or left it meanwhile: say its order anew.',
        ];
        yield 'fewer outputs than are in use' => [
            ['do' => 'change-splitter', 'item' => 'item-0-0', 'outputs' => 2],
            'in_use',
            'Floor begins at output 3 of Splitter A: plug it in elsewhere first.',
        ];
        yield 'lengths of nothing' => [
            ['do' => 'load-van', 'lengths' => '5 0'],
            'out_of_range',
            'A length of cable is above 0 m.',
        ];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('refusals')]
    public function testWhatCannotBeIsRefusedInWords(array $change, string $code, string $words): void
    {
        try {
            self::change(Rigs::demo(), $change);
            self::fail('Was taken');
        } catch (CoreException $refused) {
            self::assertSame([$code, $words], [
                match (true) {
                    $refused instanceof Refused => $refused->reason,
                    $refused instanceof InputError => $refused->errorCode,
                    default => '',
                },
                $refused->getMessage(),
            ]);
        }
    }

    /** @return list<Finding> */
    private static function found(Rig $rig, string $code): array
    {
        return array_values(array_filter((new Judge($rig))->findings(), static fn (Finding $one): bool => $one->code === $code));
    }

    public function testTheDemoHasAnOpenEndAndAMicrophoneCableAndEachIsRepairedWithOneButton(): void
    {
        $rig = Rigs::demo();
        foreach ([
            'no_terminator' => [
                'Floor ends without a terminator: data is thrown back from the open end, and units flicker.',
                'Put a terminator on the end of Floor',
            ],
            'microphone_cable' => ['Floor has 9 m of microphone cable: as short as that it mostly works.', 'Swap it for data cable'],
        ] as $code => [$words, $button]) {
            [$finding] = self::found($rig, $code);
            self::assertSame($words, Wording::message($finding, $rig));
            [$proposal] = (new Judge($rig))->about($finding)->proposals;
            self::assertSame($button, $proposal->label);
            $after = Changes::apply($proposal->changes, $rig, self::$world)->rig;
            self::assertSame([], self::found($after, $code));
        }
        self::assertCount(1, self::found($rig, 'cable_order'), 'it is said once');
    }

    public function testThirtyThreeOnARunAreSplitWhereOneMoreWouldBeTooMany(): void
    {
        $rig = Rigs::demo();
        $units = array_map(
            static fn (int $k): \Rigger\Core\Rig\Unit => new \Rigger\Core\Rig\Unit(
                'more-'.$k,
                'More '.$k,
                $rig->unit('unit-0')->revision(),
                'nine',
                $rig->unit('unit-0')->place,
            ),
            range(1, 33),
        );
        $rig = self::change($rig->withUnits(...$units), ['do' => 'add-run', 'units' => array_column($units, 'id')]);
        [$finding] = self::found($rig, 'too_many');
        self::assertSame('Run 1 carries 33 unit loads; one output drives 32. Put a splitter in.', Wording::message($finding, $rig));
        $proposals = (new Judge($rig))->about($finding)->proposals;
        self::assertSame('Put a splitter before More 32', $proposals[0]->label);
        self::assertSame('Let More 32 and what follows go on from an output of the desk', $proposals[1]->label);
        foreach ($proposals as $proposal) {
            $after = Changes::apply($proposal->changes, $rig, self::$world)->rig;
            self::assertSame([], self::found($after, 'too_many'));
            self::assertSame('More32 More33', self::order($after, 'Run 2'));
        }
    }

    public function testCableIsLaidOnOneRunOrMoreAndTakenAsOneProposal(): void
    {
        $rig = self::change(
            Rigs::demo(),
            ...array_map(static fn (int $run): array => ['do' => 'remove-run', 'run' => 'run-'.$run], range(0, 3)),
        );
        $offers = CableOffers::of($rig, new CableWish(runs: 3, desk: new Spot(0, -6, 1)));
        self::assertSame([1, 2, 3], array_map(static fn ($offer): int => \count($offer->plan->runs), $offers->offers));
        self::assertSame([13, 7, 5], array_map(static fn ($offer): int => $offer->mostAtOnce(), $offers->offers));
        self::assertSame([], $offers->offThePlan);
        foreach ($offers->offers as $offer) {
            $after = Changes::apply($offer->proposal->changes, $rig, self::$world)->rig;
            $metres = array_sum(array_map(static fn ($run): float => $after->cabling()->checked($run)->metres(), $after->runs));
            self::assertEqualsWithDelta($offer->plan->metres(), $metres, 1e-6, 'the runs are as long as the offer says');
            self::assertSame([], self::found($after, 'on_no_run'));
        }
        // Laid anew, the runs that there are become the new ones.
        $one = Changes::apply($offers->offers[2]->proposal->changes, $rig, self::$world)->rig;
        $again = Changes::apply(CableOffers::of($one, new CableWish(runs: 1))->offers[0]->proposal->changes, $one, self::$world)->rig;
        self::assertSame(['Run 1'], array_values(array_map(static fn ($run): string => $run->name, $again->runs)));
        self::assertCount(13, $again->runs[array_key_first($again->runs)]->items);
    }

    public function testCableCannotBeLaidFromNowhere(): void
    {
        $this->expectExceptionMessage('Say where the desk stands: cable is laid from there.');
        $rig = new Rig('rig', 'Empty', 'Here', 1, units: array_values(Rigs::demo()->units));
        CableOffers::of($rig, new CableWish());
    }

    public function testEveryChangeLeavesEachUnitOnOneRunAtMostAndSplittersAtTheirEnds(): void
    {
        foreach (range(1, 80) as $seed) {
            $rig = Rigs::byChance($seed, 20);
            $on = [];
            foreach ((new Judge($rig))->findings() as $finding) {
                foreach ((new Judge($rig))->about($finding)->proposals as $proposal) {
                    $on[] = Changes::apply($proposal->changes, $rig, self::$world)->rig;
                }
            }
            foreach ($on as $after) {
                $units = array_merge(...array_map(static fn ($run): array => $run->unitIds(), array_values($after->runs)));
                self::assertSame($units, array_values(array_unique($units)));
                foreach ($after->runs as $run) {
                    $splitters = array_filter($run->items, static fn (RunItem $item): bool => null !== $item->splitter);
                    self::assertTrue([] === $splitters || [\count($run->items) - 1] === array_keys($splitters));
                }
            }
        }
    }
}
