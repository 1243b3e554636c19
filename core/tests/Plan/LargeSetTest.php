<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Plan;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Input\InputError;
use Rigger\Core\Plan\LargeSet;

/** Many equal units, by arithmetic. */
final class LargeSetTest extends TestCase
{
    use TestTrait;

    public function testNoUnitIsSplitAndEachComesAfterTheOneBefore(): void
    {
        $this->limitTo(60)->forAll(
            Generators::choose(1, 700),
            Generators::choose(1, 40),
            Generators::choose(0, 4),
            Generators::choose(1, 60),
        )->then(static function (int $count, int $footprint, int $units, int $first): void {
            $outputs = 0 === $units ? null : min(512, $units * $footprint + 1);
            $set = new LargeSet($count, $footprint, $outputs, 1, $first);
            $before = null;
            for ($k = 1; $k <= $count; ++$k) {
                $unit = $set->unit($k);
                self::assertLessThanOrEqual(512, $unit['last']);
                self::assertSame($footprint - 1, $unit['last'] - $unit['address']);
                if (null !== $before && $before['universe'] === $unit['universe']) {
                    self::assertSame($before['last'] + 1, $unit['address']);
                } elseif (null !== $before) {
                    self::assertSame([$before['universe'] + 1, $first], [$unit['universe'], $unit['address']]);
                }
                if (null !== $outputs) {
                    self::assertLessThanOrEqual($outputs, $unit['outputTo']);
                }
                $before = $unit;
            }
            self::assertNotNull($before);
            self::assertSame($set->universes(), $before['universe']);
            self::assertSame($set->receivers(), $before['receiver']);
        });
    }

    public function testTheWorkedExample(): void
    {
        $set = new LargeSet(400, 3);
        self::assertSame(170, $set->perUniverse);
        self::assertSame('400 units of 3 channels take 3 universes, 170 to a universe.', $set->sentence());
        self::assertSame(
            ['universe' => 2, 'address' => 1, 'last' => 3, 'receiver' => null, 'outputFrom' => null, 'outputTo' => null],
            $set->unit(171),
        );
        self::assertSame(
            ['universe' => 1, 'address' => 13, 'last' => 15, 'receiver' => 2, 'outputFrom' => 1, 'outputTo' => 3],
            (new LargeSet(9, 3, 12))->unit(5),
        );
        self::assertSame(
            '9 units of 3 channels take 1 universe, 168 to a universe, and 3 receivers of 10 outputs, 3 units each (1 output of '
                .'each idle).',
            (new LargeSet(9, 3, 10))->sentence(),
        );
    }

    /** @return iterable<string, array{\Closure(): mixed, string}> */
    public static function refused(): iterable
    {
        yield 'no units' => [static fn (): LargeSet => new LargeSet(0, 3), 'count'];
        yield 'wider than a universe' => [static fn (): LargeSet => new LargeSet(3, 513), 'footprint'];
        yield 'a receiver that drives none' => [static fn (): LargeSet => new LargeSet(3, 4, 3), 'outputs'];
        yield 'a start behind which none fits' => [static fn (): LargeSet => new LargeSet(3, 4, null, 1, 510), 'first'];
        yield 'a unit that is not there' => [static fn (): array => (new LargeSet(3, 4))->unit(4), 'unit'];
    }

    /** @param \Closure(): mixed $call */
    #[DataProvider('refused')]
    public function testWhatCannotBeIsRefusedAtItsField(\Closure $call, string $field): void
    {
        try {
            $call();
            self::fail('It was taken.');
        } catch (InputError $error) {
            self::assertSame(['out_of_range', $field], [$error->errorCode, $error->field]);
        }
    }
}
