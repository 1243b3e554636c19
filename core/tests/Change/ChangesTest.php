<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Change;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Change\ChangeReader;
use Rigger\Core\Change\Changes;
use Rigger\Core\Change\Line\ConnectUnit;
use Rigger\Core\Change\Unit\MoveUnits;
use Rigger\Core\Change\Unit\NoteUnit;
use Rigger\Core\Change\Unit\RemoveUnit;
use Rigger\Core\Change\Unit\RenameUnit;
use Rigger\Core\Change\Unit\TickUnit;
use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Document\RigDocument;
use Rigger\Core\Document\RigWriter;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Judge\Judge;
use Rigger\Core\Light\Cause;
use Rigger\Core\Rig\DeskInUse;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\NotThere;
use Rigger\Core\Rig\Reversal;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Support;
use Rigger\Core\Rig\TapeColour;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Tests\Rig\Rigs;
use Rigger\Core\Tests\Rig\SmallWorld;

/** Each thing that can be done to a rig: what it says, what it leaves, and what it refuses. */
final class ChangesTest extends TestCase
{
    /**
     * @return iterable<string, array{array<string, mixed>, string, callable(Rig): mixed, mixed}> change, what is said, what is looked
     *                                                                                            at, what stands there then
     */
    public static function made(): iterable
    {
        $of = static fn (string $name, string $what): \Closure => static fn (Rig $rig): mixed => get_object_vars(Rigs::named($rig, $name))[$what];
        yield 'a unit moves' => [
            ['do' => 'move-units', 'units' => [self::id('Pack A')], 'to' => '99'],
            'Moved Pack A from 085 to 099',
            static fn (Rig $rig): string => Rigs::named($rig, 'Pack A')->place->words(),
            '099',
        ];
        yield 'twins move together' => [
            ['do' => 'move-units', 'units' => [self::id('Drum 1'), self::id('Drum 2')], 'to' => '2/30'],
            'Moved Drum 1 and Drum 2 together to u2 030',
            static fn (Rig $rig): bool => Rigs::named($rig, 'Drum 1')->twinKey() === Rigs::named($rig, 'Drum 2')->twinKey(),
            true,
        ];
        yield 'a unit is renamed' => [
            ['do' => 'rename-unit', 'unit' => self::id('Haar'), 'name' => ' Mist '],
            'Renamed Haar to Mist',
            static fn (Rig $rig): string => $rig->unit(self::id('Haar'))->name,
            'Mist',
        ];
        yield 'a unit is numbered' => [
            ['do' => 'number-unit', 'unit' => self::id('Haar'), 'number' => '92'],
            'Haar is number 92',
            $of('Haar', 'number'),
            92,
        ];
        yield 'and is called nothing' => [
            ['do' => 'number-unit', 'unit' => self::id('Haar'), 'number' => ' '],
            'Haar has no number',
            $of('Haar', 'number'),
            null,
        ];
        yield 'a unit is grouped' => [
            ['do' => 'group-unit', 'unit' => self::id('Haar'), 'groups' => 'Air, Upstage, Air'],
            'Haar is in Air, Upstage',
            $of('Haar', 'groups'),
            ['Air', 'Upstage'],
        ];
        yield 'a note' => [
            ['do' => 'note-unit', 'unit' => self::id('Panel'), 'note' => 'by the door'],
            'Noted something of Panel',
            $of('Panel', 'note'),
            'by the door',
        ];
        yield 'tape' => [
            ['do' => 'tape-unit', 'unit' => self::id('Panel'), 'tape' => 'sky'],
            'Panel has sky tape',
            $of('Panel', 'tape'),
            TapeColour::Sky,
        ];
        yield 'a place in words' => [
            ['do' => 'hang-unit', 'unit' => self::id('Panel'), 'position' => ''],
            'Panel hangs nowhere in particular',
            $of('Panel', 'position'),
            null,
        ];
        yield 'turned round' => [
            ['do' => 'turn-unit', 'unit' => self::id('Spin L'), 'direction' => 'tilt', 'reversed' => 'software'],
            'Spin L is reversed in tilt, in software',
            $of('Spin L', 'tilt'),
            Reversal::InSoftware,
        ];
        yield 'locked' => [
            ['do' => 'lock-unit', 'unit' => self::id('Panel'), 'isLocked' => true],
            'Locked Panel: no plan moves it',
            $of('Panel', 'isLocked'),
            true,
        ];
        yield 'set on the walk-round' => [
            ['do' => 'tick-unit', 'unit' => self::id('Panel'), 'isSet' => true],
            'Set Panel at 117',
            static fn (Rig $rig): ?string => Rigs::named($rig, 'Panel')->setAt?->format('H:i'),
            '20:00',
        ];
        yield 'proved, and so set as well' => [
            ['do' => 'prove-unit', 'unit' => self::id('Panel'), 'isProved' => true],
            'Panel kept its setting through off and on',
            static fn (Rig $rig): bool => null !== Rigs::named($rig, 'Panel')->setAt,
            true,
        ];
        yield 'several buttons' => [
            ['do' => 'take-buttons', 'units' => [self::id('Batten')], 'buttons' => 2],
            'Let Batten take 2 buttons',
            $of('Batten', 'takesButtons'),
            2,
        ];
        yield 'another mode' => [
            ['do' => 'set-mode', 'units' => [self::id('Batten')], 'mode' => 'eight'],
            'Set Batten from mode 27-channel to 8-channel',
            static fn (Rig $rig): int => Rigs::named($rig, 'Batten')->footprint(),
            8,
        ];
        yield 'a wider mode, with room made' => [
            ['do' => 'set-mode', 'units' => [self::id('Drum 1')], 'mode' => 'nine', 'makesRoom' => true],
            'Set Drum 1 from mode 9-channel to 9-channel and moved it to 099',
            static fn (Rig $rig): string => Rigs::named($rig, 'Drum 1')->place->words(),
            '099',
        ];
        yield 'another type' => [
            ['do' => 'swap-type', 'unit' => self::id('Panel'), 'type' => self::unit('Haar')->revision()->typeId, 'mode' => 'two'],
            'Swapped Panel from Ferrow Twin White for Lomas Haar',
            static fn (Rig $rig): string => Rigs::named($rig, 'Panel')->model(),
            'Haar',
        ];
        yield 'new units' => [
            ['do' => 'add-units', 'type' => self::unit('Tape')->revision()->typeId, 'mode' => 'three', 'count' => 2, 'name' => 'Ribbon'],
            'Patched 2 units, Ribbon 1 to Ribbon 2, from 010',
            static fn (Rig $rig): int => \count($rig->units),
            16,
        ];
        yield 'a twin' => [
            ['do' => 'add-units', 'type' => 'any', 'mode' => 'any', 'count' => 1, 'name' => 'Drum', 'twinOf' => self::id('Drum 1')],
            'Patched Drum 7 as twin of Drum 1 at 001',
            static fn (Rig $rig): int => \count($rig->together(Rigs::named($rig, 'Drum 1'))->units),
            3,
        ];
        yield 'a unit comes down' => [
            ['do' => 'remove-unit', 'unit' => self::id('Spin R')],
            'Took down Spin R from 057',
            static fn (Rig $rig): int => \count(array_filter(
                $rig->looks,
                static fn (Look $look): bool => isset($look->values[self::id('Spin R')]),
            )),
            0,
        ];
        yield 'a curve' => [
            [
                'do' => 'bend-channel',
                'unit' => self::id('Pack B'),
                'channel' => 1,
                'forType' => false,
                'curve' => ['channel' => 1, 'shape' => 'square', 'min' => 20, 'max' => 255, 'bound' => 'clamp'],
            ],
            'Socket 1 (1) of Pack B: square, 20 to 255, clamped',
            static fn (Rig $rig): int => \count($rig->trim(Rigs::named($rig, 'Pack A'))->curves),
            0,
        ];
        yield 'a curve for every unit of the type' => [
            [
                'do' => 'bend-channel',
                'unit' => self::id('Pack B'),
                'channel' => 1,
                'forType' => true,
                'curve' => ['channel' => 1, 'shape' => 'square', 'min' => 20, 'max' => 255, 'bound' => 'clamp'],
            ],
            'Socket 1 (1) of every Quad Pack in 4-channel: square, 20 to 255, clamped',
            static fn (Rig $rig): int => \count($rig->trim(Rigs::named($rig, 'Pack A'))->curves),
            1,
        ];
        yield 'a sender' => [
            ['do' => 'add-link', 'kit' => 'reed-link', 'label' => 'Gallery'],
            'Added sender Gallery on Birch',
            static fn (Rig $rig): int => \count($rig->links),
            3,
        ];
        yield 'a sender goes' => [
            ['do' => 'remove-link', 'link' => 'link-0'],
            'Removed sender Booth left',
            static fn (Rig $rig): array => array_filter($rig->units, static fn (Unit $unit): bool => null !== $unit->linkId),
            [],
        ];
        yield 'behind a sender' => [
            ['do' => 'connect-unit', 'unit' => self::id('Haar'), 'link' => 'link-1', 'receiver' => 'Fern'],
            'Put Haar behind sender Booth right, receiver on Fern',
            static fn (Rig $rig): ?Cause => $rig->silence(Rigs::named($rig, 'Haar')),
            null,
        ];
        yield 'another desk' => [
            ['do' => 'choose-desk', 'desk' => 'capstan'],
            'Chose the desk Capstan 4',
            static fn (Rig $rig): ?string => $rig->desk()?->name,
            'Capstan 4',
        ];
        yield 'no desk' => [
            ['do' => 'choose-desk', 'desk' => null],
            'Took the desk away',
            static fn (Rig $rig): mixed => $rig->map(),
            null,
        ];
        yield 'a look' => [
            ['do' => 'record-look', 'name' => 'Ebb', 'bank' => 3, 'number' => 1, 'slots' => ['15' => 100]],
            'Recorded Ebb at bank 3, scene 1',
            static fn (Rig $rig): array => $rig->looks['new-1']->values[self::id('Drum 3')],
            [100, 0, 0, 0, 0, 0, 0, 0, 0],
        ];
        yield 'a look without its flashes' => [
            ['do' => 'steady-look', 'look' => self::look('Storm')],
            'Made Storm steady',
            static fn (Rig $rig): array => array_filter(
                (new Judge($rig))->findings(),
                static fn (Finding $finding): bool => 'fast_flash' === $finding->code,
            ),
            [],
        ];
        yield 'a look elsewhere' => [
            ['do' => 'store-look', 'look' => self::look('House'), 'bank' => 9, 'number' => 5],
            'Moved House to bank 9, scene 5',
            static fn (Rig $rig): ?string => array_key_last($rig->looks),
            self::look('House'),
        ];
        yield 'a beam, and what hangs from it' => [
            [
                'do' => 'change-support',
                'support' => self::support('mid beam'),
                'kind' => 'beam',
                'name' => 'mid beam',
                'height' => 3.0,
                'fromX' => -3.8,
                'fromY' => 3.5,
                'toX' => 3.8,
                'toY' => 3.5,
            ],
            'Changed the beam mid beam',
            static fn (Rig $rig): ?float => Rigs::named($rig, 'Spin L')->spot?->y,
            3.5,
        ];
        yield 'the rig\'s name' => [
            ['do' => 'rename-rig', 'name' => 'The Ebb'],
            'Renamed the rig to The Ebb',
            static fn (Rig $rig): string => $rig->name,
            'The Ebb',
        ];
        yield 'a plan' => [
            ['do' => 'take-plan', 'goal' => 'fewest', 'units' => [['unit' => self::id('Pack A'), 'universe' => 1, 'address' => 99]]],
            'Put the addresses right: one ladder trip',
            static fn (Rig $rig): string => Rigs::named($rig, 'Pack A')->place->words(),
            '099',
        ];
        yield 'a chart' => [
            ['do' => 'begin-type', 'maker' => 'Skerry', 'model' => 'Mote', 'kind' => 'spot'],
            'Began a chart for Skerry Mote',
            static fn (Rig $rig): int => \count($rig->units),
            14,
        ];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('made')]
    public function testAChangeSaysWhatItDidAndDoesIt(array $change, string $said, callable $look, mixed $stands): void
    {
        $before = Rigs::demo();
        $read = ChangeReader::read(Json::decode(Json::encode($change, \JSON_PRESERVE_ZERO_FRACTION)), '');
        $applied = $read->applyTo($before, self::world());
        self::assertSame($said, $applied->said);
        self::assertEquals($stands, $look($applied->rig));
        self::assertEquals(
            RigWriter::write(RigDocument::of(Rigs::demo())),
            RigWriter::write(RigDocument::of($before)),
            'the rig that was is as it was',
        );
        // Written and read again it is the same change.
        self::assertEquals(
            $read,
            ChangeReader::read(Json::decode(Json::encode(ChangeReader::write($read), \JSON_PRESERVE_ZERO_FRACTION)), ''),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> change, code, field */
    public static function refused(): iterable
    {
        yield 'nothing that anybody can do' => [['do' => 'paint-unit'], 'not_a_choice', 'do'];
        yield 'a member that nobody knows' => [['do' => 'rename-rig', 'name' => 'x', 'nmae' => 'y'], 'unknown_member', 'nmae'];
        yield 'a member too few' => [['do' => 'rename-rig'], 'missing', 'name'];
        yield 'nobody' => [['do' => 'move-units', 'units' => [], 'to' => '1'], 'missing', 'units'];
        yield 'an address past the end' => [
            ['do' => 'move-units', 'units' => [self::id('Haar')], 'to' => '513'],
            'address_out_of_range',
            'address',
        ];
        yield 'a number in words' => [['do' => 'number-unit', 'unit' => self::id('Haar'), 'number' => 'six'], 'out_of_range', 'number'];
        yield 'a direction that it lacks' => [
            ['do' => 'turn-unit', 'unit' => self::id('Haar'), 'direction' => 'pan', 'reversed' => 'unit'],
            'not_a_choice',
            'reversed',
        ];
        yield 'a direction that nothing has' => [
            ['do' => 'turn-unit', 'unit' => self::id('Haar'), 'direction' => 'roll', 'reversed' => 'unit'],
            'not_a_choice',
            'direction',
        ];
        yield 'a mode that is not there' => [
            ['do' => 'set-mode', 'units' => [self::id('Haar')], 'mode' => 'ninety'],
            'unknown_mode',
            'mode',
        ];
        yield 'too many units' => [
            ['do' => 'add-units', 'type' => 'x', 'mode' => 'x', 'count' => 501, 'name' => 'x'],
            'out_of_range',
            'count',
        ];
        yield 'a scene that is taken' => [
            ['do' => 'record-look', 'name' => 'Ebb', 'bank' => 1, 'number' => 2, 'slots' => []],
            'taken',
            'number',
        ];
        yield 'a bank that the desk lacks' => [
            ['do' => 'record-look', 'name' => 'Ebb', 'bank' => 21, 'number' => 1, 'slots' => []],
            'out_of_range',
            'bank',
        ];
        yield 'a slot past the end' => [
            ['do' => 'record-look', 'name' => 'Ebb', 'bank' => 5, 'number' => 1, 'slots' => ['513' => 1]],
            'address_out_of_range',
            'slots.513',
        ];
        yield 'a value past the top' => [
            ['do' => 'record-look', 'name' => 'Ebb', 'bank' => 5, 'number' => 1, 'slots' => ['1' => 256]],
            'out_of_range',
            'slots.1',
        ];
        yield 'a name of another kit' => [['do' => 'tune-link', 'link' => 'link-0', 'name' => 'Oak'], 'not_a_choice', 'name'];
        yield 'a curve on a fine byte' => [
            ['do' => 'bend-channel', 'unit' => self::id('Spin L'), 'channel' => 8, 'forType' => false, 'curve' => null],
            'not_a_choice',
            'channel',
        ];
        yield 'a place beyond the plan' => [
            ['do' => 'place-unit', 'unit' => self::id('Haar'), 'x' => 201.0, 'y' => 0.0],
            'out_of_range',
            'x',
        ];
        yield 'one unit in a row' => [['do' => 'line-up-units', 'units' => [self::id('Haar')], 'how' => 'row'], 'missing', 'units'];
        yield 'a plan with an address that is none' => [
            ['do' => 'take-plan', 'goal' => 'fresh', 'units' => [['unit' => self::id('Haar'), 'universe' => 1, 'address' => 0]]],
            'out_of_range',
            'units[0].address',
        ];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('refused')]
    public function testAChangeThatCannotBeIsRefusedAtItsField(array $change, string $code, string $field): void
    {
        try {
            ChangeReader::read(Json::decode(Json::encode($change, \JSON_PRESERVE_ZERO_FRACTION)), '')->applyTo(Rigs::demo(), self::world());
            self::fail('It was made.');
        } catch (InputError $error) {
            self::assertSame([$code, $field], [$error->errorCode, $error->field]);
        }
    }

    public function testOfSeveralChangesTheFieldNamesWhichAndNoneIsMade(): void
    {
        $rig = Rigs::demo();
        try {
            Changes::apply([new RenameUnit(self::id('Haar'), 'Mist'), new MoveUnits([self::id('Haar')], '600')], $rig, self::world());
            self::fail('They were made.');
        } catch (InputError $error) {
            self::assertSame('changes[1].address', $error->field);
        }
        self::assertSame('Haar', Rigs::named($rig, 'Haar')->name);
        $applied = Changes::apply(
            [new RenameUnit(self::id('Haar'), 'Mist'), new MoveUnits([self::id('Haar')], '140')],
            $rig,
            self::world(),
        );
        self::assertSame('Renamed Haar to Mist; Moved Mist from 130 to 140', $applied->said);
    }

    public function testWhoIsGoneIsSaid(): void
    {
        $this->expectException(NotThere::class);
        (new RemoveUnit('nobody'))->applyTo(Rigs::demo(), self::world());
    }

    public function testWhatIsToBeSetAnewIsNotSetAnyMore(): void
    {
        $set = (new TickUnit(self::id('Haar'), true))->applyTo(Rigs::demo(), self::world())->rig;
        self::assertNotNull(Rigs::named($set, 'Haar')->setAt);
        foreach ([new MoveUnits([self::id('Haar')], '140'), new ConnectUnit(self::id('Haar'), 'link-0', 'Alder')] as $change) {
            self::assertNull(Rigs::named($change->applyTo($set, self::world())->rig, 'Haar')->setAt);
        }
        self::assertNotNull(
            Rigs::named((new NoteUnit(self::id('Haar'), 'x'))->applyTo($set, self::world())->rig, 'Haar')->setAt,
            'a note is not set on it',
        );
    }

    public function testEveryChangeHasItsOwnWord(): void
    {
        $words = array_map(ChangeReader::word(...), ChangeReader::ALL);
        self::assertSame($words, array_unique($words));
        self::assertSame('move-units', ChangeReader::word(MoveUnits::class));
    }

    private static function world(): SmallWorld
    {
        $revisions = [];
        foreach (Rigs::demo()->units as $unit) {
            $revisions[$unit->revision()->id] = $unit->revision();
        }

        return new SmallWorld(array_values($revisions), [new DeskInUse('capstan', DeskReader::read(Rigs::json('desks/capstan-4')))]);
    }

    private static function unit(string $name): Unit
    {
        return Rigs::named(Rigs::demo(), $name);
    }

    private static function id(string $name): string
    {
        return self::unit($name)->id;
    }

    private static function look(string $name): string
    {
        return array_values(array_filter(Rigs::demo()->looks, static fn (Look $look): bool => $look->name === $name))[0]->id;
    }

    private static function support(string $name): string
    {
        return array_values(array_filter(
            Rigs::demo()->supports,
            static fn (Support $support): bool => $support->held->name === $name,
        ))[0]->id;
    }
}
