<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Rig;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Change\Changes;
use Rigger\Core\Change\Refused;
use Rigger\Core\Document\RigDocument;
use Rigger\Core\Document\RigReader;
use Rigger\Core\Document\RigWriter;
use Rigger\Core\Finding\Wording;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Judge\Judge;
use Rigger\Core\Power\Battery;
use Rigger\Core\Power\Chemistry;
use Rigger\Core\Rig\Power\BatteryPlan;
use Rigger\Core\Rig\Power\Draw;
use Rigger\Core\Rig\Power\TapeWiring;
use Rigger\Core\Rig\Power\Terminal;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Severity;

/** Circuits, packs, batteries, and wire to tape: planning figures, worked out by hand beside each. */
final class PowerTest extends TestCase
{
    use ChangesRigs;

    /** Pack A with four lamps of 650 W on a breaker new-1 of 16 A, Drum 1 and 2 on an outlet new-2 of it. */
    private static function plugged(float $breaker = 16.0, float $outlet = 10.0): Rig
    {
        $pack = self::id('Pack A');

        return self::change(
            Rigs::demo(),
            ['do' => 'add-circuit', 'amps' => $breaker, 'name' => 'C1', 'units' => [$pack]],
            ['do' => 'add-circuit', 'amps' => $outlet, 'name' => 'Bar', 'fedBy' => 'new-1', 'units' => [self::id('Drum 1'), self::id('Drum 2')]],
            ...array_map(static fn (int $cell): array => ['do' => 'load-socket', 'unit' => $pack, 'cell' => $cell, 'watts' => '650 W'], [1, 2, 3, 4]),
        );
    }

    public function testABreakerCarriesWhatItsOutletsFeed(): void
    {
        $rig = self::plugged();
        $full = $rig->distribution()->full($rig->circuit('new-1'));
        // 4 · 650 + 2 · 48 = 2,696 W over 230 V; four fifths of 16 A for hours.
        self::assertEqualsWithDelta([2696.0, 11.7217, 12.8], [$full->watts, $full->amps, $full->limitAmps], 1e-4);
        self::assertSame('near', $full->verdict());
        $bar = $rig->distribution()->full($rig->circuit('new-2'));
        self::assertEqualsWithDelta([96.0, 10.0], [$bar->watts, $bar->limitAmps], 1e-9, 'an outlet stands what is printed on it');
        self::assertSame(
            ['2696 W with everything up take 11.72 A, and 12.8 A of its 16 A may flow for hours. In Curtain, its brightest look, it is 0 A.'],
            array_map(static fn (string $one): string => (string) preg_replace('/it is [\d.]+ A/', 'it is 0 A', $one), self::told($rig, 'circuit_near')),
        );
    }

    public function testTheBrightestLookIsTheOneThatTakesMost(): void
    {
        $rig = self::plugged();
        $circuit = $rig->circuit('new-1');
        [$look, $load] = $rig->distribution()->brightest($circuit) ?? [null, null];
        self::assertNotNull($look);
        self::assertNotNull($load);
        foreach ($rig->looks as $other) {
            $watts = 0.0;
            foreach ($rig->distribution()->units($circuit->id) as $unit) {
                $watts += Draw::inLook($unit, $other) ?? 0.0;
            }
            self::assertLessThanOrEqual($load->watts + 1e-9, $watts);
        }
        self::assertLessThanOrEqual($rig->distribution()->full($circuit)->watts, $load->watts);
    }

    public function testAPackTakesTheLampsThatAreUp(): void
    {
        $pack = self::id('Pack A');
        $rig = self::change(
            self::plugged(),
            ['do' => 'record-look', 'name' => 'One lamp', 'bank' => 9, 'number' => 1, 'slots' => [(string) Rigs::named(Rigs::demo(), 'Pack A')->place->address => 255]],
        );
        $look = array_values(array_filter($rig->looks, static fn ($one): bool => 'One lamp' === $one->name))[0];
        self::assertEqualsWithDelta(650.0, Draw::inLook($rig->unit($pack), $look), 1e-6);
        self::assertEqualsWithDelta(2600.0, Draw::full($rig->unit($pack)), 1e-6);
        // A hazer heats whatever is on stage.
        self::assertSame(400.0, Draw::inLook(Rigs::named($rig, 'Haar'), $look));
    }

    public function testTooMuchIsToldAndOnePlugIsMoved(): void
    {
        $rig = self::change(self::plugged(10.0), ['do' => 'add-circuit', 'amps' => 16, 'name' => 'C2']);
        $judge = new Judge($rig);
        $over = self::found($rig, 'circuit_over')[0];
        $proposals = $judge->about($over)->proposals;
        self::assertSame(['Plug Pack A into C2'], array_map(static fn ($one): string => $one->label, $proposals));
        $after = Changes::apply($proposals[0]->changes, $rig, self::$world)->rig;
        self::assertSame([], [...self::found($after, 'circuit_over'), ...self::found($after, 'circuit_near')]);
    }

    public function testWhatPacksAndSocketsStand(): void
    {
        $rig = self::change(
            self::plugged(),
            ['do' => 'rate-unit', 'unit' => self::id('Pack A'), 'packAmps' => '10', 'socketAmps' => '2,5 A'],
            ['do' => 'name-cell', 'unit' => self::id('Pack A'), 'cell' => 2, 'name' => 'Lantern'],
        );
        // 2,600 W / 230 V = 11.30 A; 650 W = 2.83 A.
        self::assertSame(['2600 W on its sockets take 11.3 A, and Pack A stands 10 A in all.'], self::told($rig, 'pack_over'));
        self::assertCount(4, self::told($rig, 'socket_over'));
        self::assertSame('Too much on Lantern of Pack A', Wording::title(self::found($rig, 'socket_over')[1], $rig));
        self::assertSame('650 W take 2.83 A, and a socket of Pack A stands 2.5 A.', self::told($rig, 'socket_over')[0]);
        self::assertSame([], self::told(self::change($rig, ['do' => 'load-socket', 'unit' => self::id('Pack A'), 'cell' => 2, 'watts' => '']), 'pack_over'));
    }

    public function testWhoIsPluggedInNowhereIsToldOnceThereAreCircuits(): void
    {
        self::assertSame([], self::found(Rigs::demo(), 'no_circuit'));
        $rig = self::change(Rigs::demo(), ['do' => 'add-circuit', 'amps' => 32]);
        $none = self::found($rig, 'no_circuit')[0];
        self::assertCount(13, $none->units, 'all but the tape, which has a battery');
        $proposals = (new Judge($rig))->about($none)->proposals;
        self::assertSame([], $proposals, '6.2 kW do not fit 32 A');
        $rig = self::change($rig, ['do' => 'add-circuit', 'amps' => 32]);
        $proposal = (new Judge($rig))->about($none)->proposals[0];
        self::assertSame('Plug them into Circuit 1 and Circuit 2', $proposal->label);
        $after = Changes::apply($proposal->changes, $rig, self::$world)->rig;
        self::assertSame([], [...self::found($after, 'no_circuit'), ...self::found($after, 'circuit_over')]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        $pack = self::id('Pack A');
        yield 'a circuit that feeds itself' => [['do' => 'change-circuit', 'circuit' => 'new-1', 'fedBy' => 'new-1'], 'loop'];
        yield 'one that hangs on what it feeds' => [['do' => 'change-circuit', 'circuit' => 'new-1', 'fedBy' => 'new-2'], 'loop'];
        yield 'no amperes' => [['do' => 'add-circuit', 'amps' => 0], 'out_of_range'];
        yield 'a lamp of less than nothing' => [['do' => 'load-socket', 'unit' => $pack, 'cell' => 1, 'watts' => '-5'], 'out_of_range'];
        yield 'a lamp in words' => [['do' => 'load-socket', 'unit' => $pack, 'cell' => 1, 'watts' => 'big'], 'out_of_range'];
        yield 'a socket that is not there' => [['do' => 'load-socket', 'unit' => $pack, 'cell' => 9, 'watts' => '650'], 'unknown_cell'];
        yield 'a battery of water' => [
            ['do' => 'fit-battery', 'unit' => $pack, 'chemistry' => 'water', 'ampHours' => 1, 'volts' => 12], 'not_a_choice',
        ];
        yield 'wire of no thickness' => [
            ['do' => 'wire-tape', 'unit' => $pack, 'volts' => 12, 'wattsPerMetre' => 14, 'metres' => 5, 'wireMetres' => 5, 'mm2' => 0],
            'out_of_range',
        ];
        yield 'a show of no time' => [['do' => 'plan-power', 'hours' => 0], 'out_of_range'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('refused')]
    public function testSlipsAreRefused(array $change, string $code): void
    {
        try {
            self::change(self::plugged(), $change);
            self::fail('It was taken.');
        } catch (InputError $error) {
            self::assertSame($code, $error->errorCode);
        } catch (Refused $refused) {
            self::assertSame($code, $refused->reason);
        }
    }

    public function testWhatHungOnACircuitThatGoes(): void
    {
        $rig = self::change(self::plugged(), ['do' => 'add-circuit', 'amps' => 5, 'name' => 'End', 'fedBy' => 'new-2']);
        $after = self::change($rig, ['do' => 'remove-circuit', 'circuit' => 'new-2']);
        self::assertSame('new-1', $after->circuit('new-3')->fedBy);
        self::assertNull(Rigs::named($after, 'Drum 1')->circuitId);
    }

    /** @return iterable<string, array{Battery, float, float}> battery, watts, hours */
    public static function batteries(): iterable
    {
        // Peukert: usable · H · (C / (I · H))^k, by hand.
        yield 'lead, at its own rate' => [new Battery(Chemistry::Lead, 12.0, 12.0, 0.5), 7.2, 0.5 * 20 * 1.0];
        yield 'lead, five times as fast' => [new Battery(Chemistry::Lead, 12.0, 12.0, 0.5), 36.0, 0.5 * 20 * 0.2 ** 1.2];
        yield 'lithium, twice as fast' => [new Battery(Chemistry::Lithium, 10.0, 12.0, 0.9), 12.0, 0.9 * 20 * 0.5 ** 1.05];
    }

    #[DataProvider('batteries')]
    public function testABatteryLastsByItsPlate(Battery $battery, float $watts, float $hours): void
    {
        self::assertEqualsWithDelta($hours, $battery->hours($watts), 1e-9);
    }

    public function testABatteryIsHeldAgainstTheEvening(): void
    {
        $tape = self::id('Tape');
        $fit = static fn (float $ampHours): array => [
            'do' => 'fit-battery', 'unit' => $tape, 'chemistry' => 'lead', 'ampHours' => $ampHours, 'volts' => 12, 'usable' => 0.5,
        ];
        $rig = self::change(Rigs::demo(), $fit(12.0), ['do' => 'plan-power', 'hours' => 2, 'interval' => 0.5, 'burnsThrough' => true]);
        $plan = BatteryPlan::of($rig, $rig->unit($tape));
        self::assertNotNull($plan);
        self::assertEqualsWithDelta([2.5, 3.125], [$plan->burning, $plan->needed], 1e-9);
        self::assertLessThan(72.0, $plan->meanWatts ?? 72.0, 'its looks are darker than everything up');
        self::assertGreaterThan($plan->fullHours, $plan->hours() ?? \INF);
        foreach ([0.2, 0.6, 1.0, 3.0, 12.0] as $ampHours) {
            $rig = self::change($rig, $fit($ampHours));
            $plan = BatteryPlan::of($rig, $rig->unit($tape));
            self::assertNotNull($plan);
            $told = self::found($rig, 'battery_short');
            self::assertSame(($plan->hours() ?? 99) >= 3.125, [] === $told, (string) $ampHours);
            // What is said to be enough is enough, and no more than that.
            $enough = self::change($rig, $fit($plan->enough()));
            self::assertEqualsWithDelta(3.125, BatteryPlan::of($enough, $enough->unit($tape))?->hours(), 1e-6);
        }
        $short = self::change($rig, $fit(0.2));
        self::assertSame(Severity::Error, self::found($short, 'battery_short')[0]->severity);
        self::assertStringContainsString('0.2 Ah last', self::told($short, 'battery_short')[0]);
    }

    public function testABatteryFeedsWhatIsOnOutputsOfItsReceiver(): void
    {
        [$panel, $haar] = [self::id('Panel'), self::id('Haar')];
        $rig = self::change(
            Rigs::demo(),
            ['do' => 'add-receiver', 'link' => 'link-0', 'label' => 'Prop', 'units' => [$panel]],
            ['do' => 'fit-battery', 'unit' => $panel, 'chemistry' => 'lead', 'ampHours' => 20, 'volts' => 12],
        );
        $alone = BatteryPlan::of($rig, $rig->unit($panel));
        // The last of three outputs feeds a lamp of its own.
        $both = self::change($rig, ['do' => 'rate-unit', 'unit' => $haar, 'watts' => '10']);
        $both = $both->withUnits($both->unit($haar)->behind($both->receiver('new-1'), [3, 4]));
        self::assertEqualsWithDelta(($alone->watts ?? 0.0) + 10.0, BatteryPlan::of($both, $both->unit($panel))?->watts, 1e-9);
        self::assertTrue($both->distribution()->isOnBattery($both->unit($haar)));
        self::assertFalse($rig->distribution()->isOnBattery($rig->unit($haar)));
    }

    /** @return iterable<string, array{TapeWiring, float, float|null, string, bool}> tape, amps, fuse, verdict, protected */
    public static function tapes(): iterable
    {
        yield 'five metres on 4' => [new TapeWiring(12.0, 14.4, 5.0, 5.0, 4.0), 6.0, 7.5, 'ok', true];
        // 0.414 V, 3.45 %
        yield 'five metres on 2.5' => [new TapeWiring(12.0, 14.4, 5.0, 5.0, 2.5), 6.0, 7.5, 'high', true];
        // 2 · 5 · 6 · 0.01724 / 1.5 = 0.6896 V, 5.75 %
        yield 'five metres on 1.5' => [new TapeWiring(12.0, 14.4, 5.0, 5.0, 1.5), 6.0, 7.5, 'too_high', true];
        yield 'the same on 24 V' => [new TapeWiring(24.0, 14.4, 5.0, 5.0, 1.5), 3.0, 5.0, 'ok', true];
        yield 'wire too thin for its fuse' => [new TapeWiring(12.0, 14.4, 5.0, 0.2, 0.5), 6.0, 7.5, 'ok', false];
        yield 'more than a blade stands' => [new TapeWiring(5.0, 20.0, 10.0, 0.1, 10.0), 40.0, null, 'ok', false];
    }

    #[DataProvider('tapes')]
    public function testTapeOnItsWire(TapeWiring $tape, float $amps, ?float $fuse, string $verdict, bool $isProtected): void
    {
        self::assertEqualsWithDelta($amps, $tape->amps(), 1e-9);
        self::assertSame([$fuse, $verdict, $isProtected], [$tape->fuse(), $tape->drop()->verdict(), $tape->isProtected()]);
        $enough = $tape->enough();
        if (null !== $enough) {
            $thick = new TapeWiring($tape->volts, $tape->wattsPerMetre, $tape->metres, $tape->wireMetres, $enough);
            self::assertSame(['ok', true], [$thick->drop()->verdict(), $thick->isProtected()]);
        }
    }

    public function testTerminalsFollowTheOutputs(): void
    {
        $tape = self::id('Tape');
        $rig = self::change(
            Rigs::demo(),
            ['do' => 'wire-tape', 'unit' => $tape, 'volts' => 12, 'wattsPerMetre' => 14.4, 'metres' => 5, 'wireMetres' => 5, 'mm2' => 1.5],
            ['do' => 'correct-outputs', 'unit' => $tape, 'seen' => [1, 3, 2]],
        );
        self::assertSame(
            [['Common plus', 'Common plus', '+'], ['Output 1', 'Red', '-'], ['Output 2', 'Blue', '-'], ['Output 3', 'Green', '-']],
            array_map(static fn (Terminal $one): array => [$one->driver, $one->tape, $one->sign], Terminal::of($rig->unit($tape))),
        );
        self::assertEqualsWithDelta(72.0, Draw::full($rig->unit($tape)), 1e-9, 'what hangs behind it is what it takes');
        self::assertSame(['6 A over 5 m of 1.5 mm² lose 0.69 V of 12, 5.7 %: the far end is dimmer and redder.'], self::told($rig, 'wire_drop'));
        $repair = (new Judge($rig))->about(self::found($rig, 'wire_drop')[0])->proposals[0];
        self::assertSame('Take wire of 4 mm²', $repair->label);
        self::assertSame([], self::told(Changes::apply($repair->changes, $rig, self::$world)->rig, 'wire_drop'));
    }

    public function testADocumentHoldsIt(): void
    {
        $tape = self::id('Tape');
        $rig = self::change(
            self::plugged(),
            ['do' => 'wire-tape', 'unit' => $tape, 'volts' => 12, 'wattsPerMetre' => 14.4, 'metres' => 5, 'wireMetres' => 5, 'mm2' => 1.5],
            ['do' => 'fit-battery', 'unit' => $tape, 'chemistry' => 'lithium', 'ampHours' => 7, 'volts' => 12.8],
            ['do' => 'rate-unit', 'unit' => self::id('Pack A'), 'packAmps' => '12', 'socketAmps' => '5'],
            ['do' => 'plan-power', 'volts' => 240, 'reserve' => 0.3],
        );
        $document = RigDocument::of($rig);
        self::assertEquals($document, RigReader::read(Json::decode(Json::encode(RigWriter::write($document)))));
    }
}
