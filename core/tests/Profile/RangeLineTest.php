<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Profile;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\ProfileWriter;
use Rigger\Core\Profile\RangeLine;
use Rigger\Core\Profile\TypicalEmitters;

final class RangeLineTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function lines(): iterable
    {
        $range = static fn (int $from, int $to, string $label, string $function, array $own = []): array => [
            'from' => $from,
            'to' => $to,
            'label' => $label,
            'function' => $function,
        ] + $own;
        yield 'values, function, quantity' => [
            '24-210 strobe 0.8-16',
            $range(24, 210, 'Strobe', 'strobe', ['start' => 0.8, 'end' => 16.0]),
        ];
        yield 'with a label' => [
            '24-210 flash 0.8-16 Hz Slow to fast',
            $range(24, 210, 'Slow to fast', 'strobe', ['start' => 0.8, 'end' => 16.0]),
        ];
        yield 'a dash from a manual' => [
            '0–255 red',
            $range(0, 255, 'Red', 'emitter', ['emitter' => 'red', 'start' => 0.0, 'end' => 1.0])];
        yield 'levels are percent' => ['0-255 dimmer 10-100', $range(0, 255, 'Intensity', 'intensity', ['start' => 0.1, 'end' => 1.0])];
        yield 'falling' => ['0-255 dimmer 100-0 %', $range(0, 255, 'Intensity', 'intensity', ['start' => 1.0, 'end' => 0.0])];
        yield 'a quantity that is not stated' => ['0-255 pan', $range(0, 255, 'Pan', 'pan', ['start' => null, 'end' => null])];
        yield 'degrees on both sides of the centre' => [
            '0 to 255 pan -270..270',
            $range(0, 255, 'Pan', 'pan', ['start' => -270.0, 'end' => 270.0]),
        ];
        yield 'one value' => ['10 open', $range(10, 10, 'Open', 'open')];
        yield 'a wheel slot' => ['41-60 wheel 2 #00A0FF Sea', $range(41, 60, 'Sea', 'wheel', ['slot' => 2, 'hex' => '#00a0ff'])];
        yield 'a preset' => ['60-79 preset #ff8600 Amber', $range(60, 79, 'Amber', 'colour-preset', ['hex' => '#ff8600'])];
        yield 'a program has only its name' => ['69-108 program Tide 2', $range(69, 108, 'Tide 2', 'program')];
        yield 'a gobo by slot' => ['20-39 gobo 1 Reeds', $range(20, 39, 'Reeds', 'gobo', ['slot' => 1])];
        yield 'a zoom by amount' => ['0-255 zoom 10-40', $range(0, 255, 'Zoom', 'zoom', ['start' => 10.0, 'end' => 40.0])];
    }

    /** @param array<string, mixed> $expected */
    #[DataProvider('lines')]
    public function testReads(string $line, array $expected): void
    {
        self::assertSame($expected, ProfileWriter::range(RangeLine::parse($line, TypicalEmitters::all())));
    }

    /** @return iterable<string, array{string, string}> */
    public static function refusals(): iterable
    {
        yield 'turned round' => ['210-24 open', 'turned round'];
        yield 'past the top' => ['0-300 open', '300'];
        yield 'no function' => ['0-9', 'Write the values'];
        yield 'an unknown word offers the nearest' => ['0-9 strbe', 'strobe'];
        yield 'a preset without colour' => ['0-9 preset Amber', '#ff8600'];
        yield 'a level past full' => ['0-9 dimmer 0-150', '150'];
        yield 'nothing' => ['  ', 'Write the values'];
    }

    #[DataProvider('refusals')]
    public function testRefusesInWords(string $line, string $says): void
    {
        $this->expectException(InputError::class);
        $this->expectExceptionMessageMatches('/'.preg_quote($says, '/').'/');
        RangeLine::parse($line, TypicalEmitters::all());
    }

    public function testAnEmitterThatTheFixtureLacksIsNamed(): void
    {
        $this->expectExceptionMessageMatches('/lists no emitter "lime"/');
        RangeLine::parse('0-255 lime', []);
    }
}
