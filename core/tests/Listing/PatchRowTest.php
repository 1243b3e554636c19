<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Listing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Input\InputError;
use Rigger\Core\Listing\Cell;
use Rigger\Core\Listing\PatchColumn;
use Rigger\Core\Listing\PatchRow;
use Rigger\Core\Rig\TapeColour;

/** A patch list as people keep it. */
final class PatchRowTest extends TestCase
{
    public function testHeadsAreKnownByMoreThanOneName(): void
    {
        self::assertSame(
            [
                PatchColumn::Number,
                PatchColumn::Name,
                PatchColumn::Model,
                PatchColumn::Universe,
                PatchColumn::Address,
                PatchColumn::Height,
                null,
                null,
            ],
            PatchColumn::guessAll(['Unit No.', 'LABEL', 'Fixture type', 'Univ.', 'DMX address', 'Trim', 'Gel', 'name']),
            'the second column of a name means nothing',
        );
    }

    /** @return iterable<string, array{string, string, array{int, int}}> universe, address, place */
    public static function places(): iterable
    {
        yield 'two columns' => ['2', '85', [2, 85]];
        yield 'three digits' => ['1', '085', [1, 85]];
        yield 'a span' => ['1', '85-88', [1, 85]];
        yield 'a span in words' => ['1', '85 to 88', [1, 85]];
        yield 'with a letter' => ['U3', '7', [3, 7]];
        yield 'one column with a slash' => ['', '1/23', [1, 23]];
        yield 'one column with a dot' => ['', '1.023', [1, 23]];
        yield 'one column in words' => ['', 'u2-7', [2, 7]];
        yield 'the address alone' => ['', '37', [1, 37]];
    }

    /** @param array{int, int} $place */
    #[DataProvider('places')]
    public function testAnAddressIsReadAsItIsWritten(string $universe, string $address, array $place): void
    {
        $row = PatchRow::read(2, ['Drum', $universe, $address], [PatchColumn::Name, PatchColumn::Universe, PatchColumn::Address]);
        self::assertSame($place, [$row->place?->universe, $row->place?->address]);
    }

    public function testWhatACellDoesNotSayStaysAsItIs(): void
    {
        $row = PatchRow::read(
            2,
            [' Drum ', '', 'Washes; Front|  Low', 'SAND', '1,5', '-2 m', ''],
            [
                PatchColumn::Name,
                PatchColumn::Number,
                PatchColumn::Groups,
                PatchColumn::Tape,
                PatchColumn::X,
                PatchColumn::Y,
                PatchColumn::Note,
            ],
        );
        self::assertSame('Drum', $row->name);
        self::assertSame([null, null, null], [$row->number, $row->note, $row->place]);
        self::assertSame(['Washes', 'Front', 'Low'], $row->groups);
        self::assertSame(TapeColour::Sand, $row->tape);
        self::assertSame([1.5, -2.0, null], [$row->spot?->x, $row->spot?->y, $row->spot?->height]);
    }

    /** @return iterable<string, array{PatchColumn, string, string}> */
    public static function refused(): iterable
    {
        yield 'past the last slot' => [PatchColumn::Address, '513', 'address'];
        yield 'no address' => [PatchColumn::Address, 'tbc', 'address'];
        yield 'a number in words' => [PatchColumn::Number, 'twelve', 'number'];
        yield 'a number of 0' => [PatchColumn::Number, '0', 'number'];
        yield 'tape that nobody has' => [PatchColumn::Tape, 'purple', 'tape'];
        yield 'a name that is too long' => [PatchColumn::Position, str_repeat('x', 81), 'position'];
    }

    #[DataProvider('refused')]
    public function testWhatCannotBeReadIsToldAtItsColumn(PatchColumn $column, string $cell, string $field): void
    {
        try {
            PatchRow::read(7, ['Drum', $cell], [PatchColumn::Name, $column]);
            self::fail('It was taken.');
        } catch (InputError $error) {
            self::assertSame($field, $error->field);
        }
    }

    public function testANamelessRowIsRefused(): void
    {
        $this->expectException(InputError::class);
        PatchRow::read(3, ['', '1'], [PatchColumn::Name, PatchColumn::Address]);
    }

    public function testACellIsNoFormulaAndComesBackTheSame(): void
    {
        foreach (['=1+1', '+49', '-x', '-2.5', '@here', "'tis", 'Drum 1', ''] as $text) {
            $cell = Cell::guarded($text);
            self::assertSame(0, preg_match('/^[=+@]|^-(?!\d)/', $cell));
            self::assertSame($text, Cell::unguarded($cell));
        }
    }
}
