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
use Rigger\Core\Finding\Finding;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Judge\Judge;
use Rigger\Core\Judge\Lines\PairingCard;
use Rigger\Core\Judge\Lines\PairingStep;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** Receivers that several units share: chained by cable, or each on outputs of its own. */
final class ReceiversTest extends TestCase
{
    use ChangesRigs;

    /** A link that hands all data on, and three Drums chained behind one receiver of it: link new-1, receiver new-2. */
    private static function chained(): Rig
    {
        return self::change(
            Rigs::demo(),
            ['do' => 'add-link', 'kit' => 'loon-pair', 'label' => 'Gallery', 'name' => '2-3'],
            ['do' => 'add-receiver', 'link' => 'new-1', 'label' => 'Beam box', 'units' => array_map(self::id(...), ['Drum 1', 'Drum 2', 'Drum 3'])],
        );
    }

    /** Two sockets of a pack of lamps are as good as two lamps: the tape of three channels is apart from them, on outputs by hand. */
    private static function onOutputs(): Rig
    {
        return self::change(Rigs::demo(), ['do' => 'add-receiver', 'link' => 'link-0', 'label' => 'Prop box', 'setting' => 'Alder', 'units' => [self::id('Tape')]]);
    }

    public function testUnitsBehindOneReceiverHearWhatItHears(): void
    {
        $rig = self::chained();
        self::assertCount(1, self::told($rig, 'not_linked'));
        $judge = new Judge($rig);
        $silent = array_values(array_filter($judge->findings(), static fn (Finding $one): bool => 'not_linked' === $one->code))[0];
        self::assertCount(3, $silent->units);
        $repair = $judge->about($silent)->proposals[0];
        // One trip to one receiver, however many hang behind it.
        self::assertSame('Set receiver Beam box to 2-3', $repair->label);
        self::assertSame(1, $repair->trips);
        $after = Changes::apply($repair->changes, $rig, self::$world)->rig;
        self::assertSame([], self::told($after, 'not_linked'));
        self::assertSame(['2-3', '2-3', '2-3'], array_map(static fn (Unit $unit): ?string => $unit->receiver, $after->behind('new-2')));
    }

    public function testARunOfItsUnitsBeginsAtTheReceiver(): void
    {
        $units = array_map(self::id(...), ['Drum 1', 'Drum 2', 'Drum 3']);
        $rig = self::change(self::chained(), ['do' => 'add-run', 'name' => 'Behind the box']);
        $run = array_values($rig->runs)[\count($rig->runs) - 1];
        $rig = self::change(
            $rig,
            ['do' => 'put-on-run', 'run' => $run->id, 'units' => $units],
            ['do' => 'change-run', 'run' => $run->id, 'at' => 'nowhere'],
        );
        self::assertSame('Beam box', $rig->receiverOf($rig->run($run->id))?->label);
        self::assertSame([], [...self::told($rig, 'cable_and_radio'), ...self::told($rig, 'not_plugged_in')]);
        // With somebody from elsewhere on it, it begins nowhere.
        $mixed = self::change($rig, ['do' => 'put-on-run', 'run' => $run->id, 'units' => [self::id('Panel')]]);
        self::assertNull($mixed->receiverOf($mixed->run($run->id)));
        self::assertCount(1, self::told($mixed, 'not_plugged_in'));
    }

    public function testWhoGoesLeavesNoReceiverBehind(): void
    {
        $rig = self::chained();
        self::assertSame([], self::change($rig, ['do' => 'remove-link', 'link' => 'new-1'])->receivers);
        $without = self::change($rig, ['do' => 'remove-receiver', 'receiver' => 'new-2']);
        self::assertSame([null, null], [Rigs::named($without, 'Drum 1')->linkId, Rigs::named($without, 'Drum 1')->receiverId]);
        $idle = self::change($rig, ...array_map(
            static fn (string $unit): array => ['do' => 'connect-unit', 'unit' => self::id($unit), 'link' => null],
            ['Drum 1', 'Drum 2', 'Drum 3'],
        ));
        self::assertSame(['Beam box listens to Gallery, and no unit is behind it.'], self::told($idle, 'receiver_idle'));
    }

    public function testPairingIsOfTheReceiverAndForgottenWhenEitherIsSetOtherwise(): void
    {
        $rig = self::change(self::chained(), ['do' => 'pair-unit', 'unit' => self::id('Drum 2')]);
        foreach (['Drum 1', 'Drum 2', 'Drum 3'] as $name) {
            self::assertEquals(self::$world->now(), Rigs::named($rig, $name)->pairedAt);
        }
        self::assertSame('2-3', $rig->receiver('new-2')->setting);
        foreach ([
            ['do' => 'tune-link', 'link' => 'new-1', 'name' => '2-4'],
            ['do' => 'change-receiver', 'receiver' => 'new-2', 'setting' => '1-1'],
            ['do' => 'connect-unit', 'unit' => self::id('Drum 1'), 'link' => 'new-1', 'receiver' => '1-1'],
        ] as $change) {
            self::assertNull(Rigs::named(self::change($rig, $change), 'Drum 3')->pairedAt);
        }
        // Another name for it is no other setting.
        $renamed = self::change($rig, ['do' => 'change-receiver', 'receiver' => 'new-2', 'label' => 'Stage box']);
        self::assertNotNull(Rigs::named($renamed, 'Drum 3')->pairedAt);
    }

    public function testOutputsAreTakenInTurnAndNoFurtherThanThereAre(): void
    {
        $rig = self::onOutputs();
        self::assertSame([1, 2, 3], Rigs::named($rig, 'Tape')->outputs);
        $this->expectExceptionMessage('Panel needs 2 outputs, and Prop box has none left.');
        $this->expectException(Refused::class);
        self::change($rig, ['do' => 'put-behind', 'unit' => self::id('Panel'), 'receiver' => 'new-1']);
    }

    public function testAnOutputHasOneAddress(): void
    {
        $rig = self::change(
            self::onOutputs(),
            ['do' => 'connect-unit', 'unit' => self::id('Tape'), 'link' => null],
            ['do' => 'put-behind', 'unit' => self::id('Panel'), 'receiver' => 'new-1', 'outputs' => [1, 2]],
            ['do' => 'put-behind', 'unit' => self::id('Haar'), 'receiver' => 'new-1', 'outputs' => [2, 3]],
        );
        [$panel, $haar] = [Rigs::named($rig, 'Panel'), Rigs::named($rig, 'Haar')];
        self::assertSame([\sprintf(
            'Panel and Haar are both on output 2 of Prop box, and listen at %03d and %03d: an output has one address.',
            $panel->place->address + 1,
            $haar->place->address,
        )], self::told($rig, 'output_twice'));
        // Where the address is the same, two lamps follow one fader: nothing is wrong.
        $after = self::change($rig, ['do' => 'move-units', 'units' => [$haar->id], 'to' => (string) ($panel->place->address + 1)]);
        self::assertSame([], self::told($after, 'output_twice'));
    }

    public function testColoursInTheWrongOrderAreCorrectedInTheAssignment(): void
    {
        $rig = self::change(self::onOutputs(), ['do' => 'pair-unit', 'unit' => self::id('Tape')]);
        self::assertNotNull(Rigs::named($rig, 'Tape')->setAt);
        // Raising green brought blue, and blue green.
        $rig = self::change($rig, ['do' => 'correct-outputs', 'unit' => self::id('Tape'), 'seen' => [1, 3, 2]]);
        $tape = Rigs::named($rig, 'Tape');
        self::assertSame([1, 3, 2], $tape->outputs);
        self::assertNull($tape->setAt, 'it is to be given anew');
        self::assertNotNull($tape->pairedAt, 'and listens still');
        $steps = array_map(static fn (PairingStep $step): string => $step->words, PairingCard::of($rig, $tape)->steps);
        self::assertSame([
            'Raise Button 10, page inner, fader 1, and press the button of output 1 once: it listens at 127, for Red.',
            'Raise Button 10, page inner, fader 3, and press the button of output 2 once: it listens at 129, for Blue.',
            'Raise Button 10, page inner, fader 2, and press the button of output 3 once: it listens at 128, for Green.',
        ], \array_slice($steps, -3));
        // Seen once more in order: nothing is to be done.
        self::assertSame([1, 3, 2], Rigs::named(self::change(
            $rig,
            ['do' => 'correct-outputs', 'unit' => $tape->id, 'seen' => [1, 2, 3]],
        ), 'Tape')->outputs);
    }

    public function testCorrectingUndoesEveryOrder(): void
    {
        foreach ([[1, 2, 3], [1, 3, 2], [2, 1, 3], [2, 3, 1], [3, 1, 2], [3, 2, 1]] as $wired) {
            // $wired[output - 1] is the colour that hangs on it; at first outputs are given in turn.
            $rig = self::change(self::onOutputs(), ['do' => 'correct-outputs', 'unit' => self::id('Tape'), 'seen' => $wired]);
            foreach (Rigs::named($rig, 'Tape')->outputs() as $nth => $output) {
                self::assertSame($nth + 1, $wired[$output - 1], 'the fader of each colour reaches its output');
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        $tape = self::id('Tape');
        yield 'two faders for one colour' => [['do' => 'correct-outputs', 'unit' => $tape, 'seen' => [1, 1, 2]], 'out_of_range'];
        yield 'one answer left out' => [['do' => 'correct-outputs', 'unit' => $tape, 'seen' => [1, 2]], 'out_of_range'];
        yield 'a unit on a cable' => [['do' => 'correct-outputs', 'unit' => self::id('Panel'), 'seen' => [1, 2]], 'no_link'];
        yield 'an output that is not there' => [
            ['do' => 'put-behind', 'unit' => $tape, 'receiver' => 'new-1', 'outputs' => [1, 2, 4]], 'out_of_range',
        ];
        yield 'two channels on one output' => [
            ['do' => 'put-behind', 'unit' => $tape, 'receiver' => 'new-1', 'outputs' => [1, 2, 2]], 'duplicate',
        ];
        yield 'an output too few' => [['do' => 'put-behind', 'unit' => $tape, 'receiver' => 'new-1', 'outputs' => [1, 2]], 'values_count'];
        yield 'a name of another kit' => [['do' => 'change-receiver', 'receiver' => 'new-1', 'setting' => 'Oak'], 'not_a_choice'];
        yield 'no name' => [['do' => 'change-receiver', 'receiver' => 'new-1', 'label' => ' '], 'out_of_range'];
        yield 'a head of nine channels' => [
            ['do' => 'put-behind', 'unit' => self::id('Drum 1'), 'receiver' => 'new-1'], 'too_few_outputs',
        ];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('refused')]
    public function testSlipsAreRefused(array $change, string $code): void
    {
        try {
            self::change(self::onOutputs(), $change);
            self::fail('It was taken.');
        } catch (InputError $error) {
            self::assertSame($code, $error->errorCode);
        } catch (Refused $refused) {
            self::assertSame($code, $refused->reason);
        }
    }

    public function testADocumentHoldsThem(): void
    {
        foreach ([self::chained(), self::onOutputs()] as $rig) {
            $document = RigDocument::of($rig);
            $read = RigReader::read(Json::decode(Json::encode(RigWriter::write($document))));
            self::assertEquals($document, $read);
        }
    }
}
