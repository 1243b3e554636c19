<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Patch;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\AddressKeys;

/** How often to press, with the wrap of units that only count up. */
final class AddressKeysTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{AddressKeys, int, int, int, string}> */
    public static function presses(): iterable
    {
        yield 'up' => [AddressKeys::Up, 12, 15, 512, 'From 012 press Up 3 times.'];
        yield 'up, round the end' => [AddressKeys::Up, 510, 2, 512, 'From 510 press Up 4 times, past 512 and on from 001.'];
        yield 'up, an end of its own' => [AddressKeys::Up, 499, 1, 500, 'From 499 press Up 2 times, past 500 and on from 001.'];
        yield 'down is nearer' => [AddressKeys::UpDown, 100, 99, 512, 'From 100 press Down once.'];
        yield 'down round the start' => [AddressKeys::UpDown, 2, 511, 512, 'From 002 press Down 3 times, past 001 and on from 512.'];
        yield 'digits' => [AddressKeys::Digits, 198, 85, 512, 'From 198 press hundreds 9 times, tens 9 times, ones 7 times.'];
        yield 'there already' => [AddressKeys::Digits, 85, 85, 512, 'It stands at 085 already: press nothing.'];
    }

    #[DataProvider('presses')]
    public function testTheKeysAreCounted(AddressKeys $keys, int $from, int $to, int $top, string $words): void
    {
        self::assertSame($words, $keys->presses($from, $to, $top));
    }

    public function testPressingSoOftenLeadsThere(): void
    {
        $this->forAll(
            Generators::choose(1, 512),
            Generators::choose(1, 512),
            Generators::elements(AddressKeys::Up, AddressKeys::UpDown),
        )->then(static function (int $from, int $to, AddressKeys $keys): void {
            $words = $keys->presses($from, $to);
            if ($from === $to) {
                self::assertStringContainsString('press nothing', $words);

                return;
            }
            self::assertSame(1, preg_match('/press (Up|Down) (once|(\d+) times)/', $words, $parts));
            $times = isset($parts[3]) ? (int) $parts[3] : 1;
            $end = $from + ('Up' === $parts[1] ? $times : -$times);
            self::assertSame($to, ($end - 1 + 1024) % 512 + 1);
            self::assertLessThanOrEqual(AddressKeys::UpDown === $keys ? 256 : 511, $times);
        });
    }

    public function testAnAddressThatTheUnitDoesNotKnowIsRefused(): void
    {
        $this->expectExceptionObject(InputError::outOfRange('to', 501, '1 to 500, where this unit begins again'));
        AddressKeys::Up->presses(1, 501, 500);
    }
}
