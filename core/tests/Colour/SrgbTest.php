<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Colour;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Srgb;
use Rigger\Core\Input\InputError;

final class SrgbTest extends TestCase
{
    /**
     * Primaries and white as IEC 61966-2-1 states them.
     *
     * @return iterable<string, array{string, float, float}>
     */
    public static function published(): iterable
    {
        yield 'red' => ['#ff0000', 0.6400, 0.3300];
        yield 'green' => ['#00ff00', 0.3000, 0.6000];
        yield 'blue' => ['#0000ff', 0.1500, 0.0600];
        yield 'white, D65' => ['#ffffff', 0.3127, 0.3290];
        yield 'grey has the chromaticity of white' => ['#808080', 0.3127, 0.3290];
    }

    #[DataProvider('published')]
    public function testReadsTheStandardsOwnColours(string $hex, float $x, float $y): void
    {
        $colour = Srgb::chromaticity($hex, 'hex');
        self::assertEqualsWithDelta($x, $colour->x, 1e-4);
        self::assertEqualsWithDelta($y, $colour->y, 1e-4);
    }

    /** @return iterable<string, array{string, string}> */
    public static function atFull(): iterable
    {
        yield 'as it is' => ['#ff8600', '#ff8600'];
        yield 'raised to full brightness' => ['#804000', '#ff8600'];
        yield 'without the mark, in capitals' => ['20C0C0', '#2effff'];
        yield 'grey becomes white' => ['#404040', '#ffffff'];
    }

    #[DataProvider('atFull')]
    public function testWritesTheColourAtFullBrightness(string $hex, string $expected): void
    {
        $written = Srgb::hex(Srgb::chromaticity($hex, 'hex'));
        foreach ([1, 3, 5] as $at) {
            self::assertEqualsWithDelta(hexdec(substr($expected, $at, 2)), hexdec(substr($written, $at, 2)), 1, $written);
        }
    }

    public function testAColourBeyondTheScreenIsLiftedIntoIt(): void
    {
        $hex = Srgb::hex(Chromaticity::of(0.17, 0.70));
        self::assertStringContainsString('00', $hex);
        self::assertStringContainsString('ff', $hex);
    }

    /** @return iterable<string, array{string}> */
    public static function none(): iterable
    {
        yield 'black' => ['#000000'];
        yield 'three digits' => ['#abc'];
        yield 'a name' => ['orange'];
        yield 'a digit too many' => ['#1234567'];
        yield 'a line break after it' => ["#123456\n"];
        yield 'nothing' => [''];
    }

    #[DataProvider('none')]
    public function testRefusesWhatIsNoColour(string $hex): void
    {
        try {
            Srgb::chromaticity($hex, 'range.hex');
            self::fail('Took '.$hex);
        } catch (InputError $error) {
            self::assertSame('no_colour', $error->errorCode);
            self::assertSame('range.hex', $error->field);
        }
    }
}
