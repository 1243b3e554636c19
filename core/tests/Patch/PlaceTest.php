<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Patch;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\Place;

final class PlaceTest extends TestCase
{
    /** @return iterable<string, array{string, int, int}> */
    public static function typed(): iterable
    {
        yield 'plain' => ['37', 3, 37];
        yield 'with zeros' => [' 037 ', 3, 37];
        yield 'universe before a stroke' => ['1/23', 1, 23];
        yield 'universe before a point' => ['1.023', 1, 23];
        yield 'u and a dash' => ['u2-7', 2, 7];
        yield 'as it is written' => ['u2 007', 2, 7];
        yield 'as it is written, and with blanks' => [' U 12  512 ', 12, 512];
    }

    #[DataProvider('typed')]
    public function testReadsAddressesAsPeopleTypeThem(string $text, int $universe, int $address): void
    {
        $read = Place::typed($text, 3);
        self::assertSame([$universe, $address], [$read->universe, $read->address]);
    }

    public function testIsWrittenInOneWayThatIsReadAgain(): void
    {
        foreach ([[1, 7, '007', 'u1 007'], [2, 512, 'u2 512', 'u2 512'], [63999, 1, 'u63999 001', 'u63999 001']] as $written) {
            [$universe, $address, $words, $tagged] = $written;
            $place = new Place($universe, $address);
            self::assertSame([$words, $tagged], [$place->words(), $place->tagged()]);
            self::assertTrue($place->equals(Place::typed($tagged, 9)));
            self::assertTrue($place->equals(Place::typed($words, 1)));
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function slips(): iterable
    {
        yield '0' => ['0', 'address_out_of_range'];
        yield '513' => ['513', 'address_out_of_range'];
        yield 'a broken number' => ['1.5', 'wrong_type'];
        yield 'a letter' => ['12a', 'wrong_type'];
        yield 'nothing' => ['', 'wrong_type'];
        yield 'universe 0' => ['0/5', 'out_of_range'];
        yield 'below zero' => ['-5', 'wrong_type'];
        yield 'two numbers that nothing joins' => ['2 7', 'wrong_type'];
        yield 'a universe alone' => ['u2', 'wrong_type'];
    }

    #[DataProvider('slips')]
    public function testRefusesSlips(string $text, string $code): void
    {
        try {
            Place::typed($text, 1);
            self::fail('Took '.$text);
        } catch (InputError $error) {
            self::assertSame($code, $error->errorCode);
        }
    }
}
