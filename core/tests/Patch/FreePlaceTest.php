<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Patch;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Patch\FreePlace;
use Rigger\Core\Patch\Span;
use Rigger\Core\Patch\UniverseUsage;

final class FreePlaceTest extends TestCase
{
    /** @return iterable<string, array{list<array{int, int}>, int, list<int>|null, int|null}> */
    public static function places(): iterable
    {
        yield 'an empty universe begins at 1' => [[], 9, null, 1];
        yield 'right after the first' => [[[1, 9]], 9, null, 10];
        yield 'a gap that is long enough is filled' => [[[1, 9], [20, 5]], 10, null, 10];
        yield 'one that is not is passed over' => [[[1, 9], [20, 5]], 11, null, 25];
        yield 'whatever order they hang in' => [[[20, 5], [1, 9]], 10, null, 10];
        yield 'shared slots count once' => [[[1, 9], [5, 9], [1, 9]], 4, null, 14];
        yield 'up to the last slot' => [[[1, 511]], 1, null, 512];
        yield 'and no further' => [[[1, 511]], 2, null, null];
        yield 'the whole universe' => [[], 512, null, 1];
        yield 'at a button' => [[[1, 9]], 9, [1, 15, 29], 15];
        yield 'a button whose tail is taken is passed over' => [[[1, 9], [20, 2]], 9, [1, 15, 29], 29];
        yield 'no button is left' => [[[1, 9], [15, 9]], 9, [1, 15], null];
        yield 'a button too near the end' => [[], 16, [500], null];
        yield 'a desk without buttons' => [[], 1, [], null];
    }

    /**
     * @param list<array{int, int}> $taken
     * @param list<int>|null        $starts
     */
    #[DataProvider('places')]
    public function testFindsTheLowestPlaceThatIsFree(array $taken, int $footprint, ?array $starts, ?int $expected): void
    {
        $spans = array_map(static fn (array $row): Span => Span::at(...$row), $taken);
        self::assertSame($expected, FreePlace::lowest($spans, $footprint, $starts));
    }

    /** @return iterable<string, array{list<array{int, int}>, int, array{from: int, to: int}|null}> */
    public static function universes(): iterable
    {
        yield 'nothing hangs' => [[], 0, ['from' => 1, 'to' => 512]];
        yield 'twins are counted once' => [[[1, 9], [1, 9]], 9, ['from' => 10, 'to' => 512]];
        yield 'one inside the other' => [[[1, 100], [20, 5]], 100, ['from' => 101, 'to' => 512]];
        yield 'the gap at the front' => [[[400, 113]], 113, ['from' => 1, 'to' => 399]];
        yield 'the gap in the middle' => [[[1, 10], [500, 13]], 23, ['from' => 11, 'to' => 499]];
        yield 'past the end does not count' => [[[510, 9]], 3, ['from' => 1, 'to' => 509]];
        yield 'full' => [[[1, 256], [257, 256]], 512, null];
    }

    /**
     * @param list<array{int, int}>          $taken
     * @param array{from: int, to: int}|null $gap
     */
    #[DataProvider('universes')]
    public function testCountsWhatIsUsedAndTheLongestGap(array $taken, int $used, ?array $gap): void
    {
        $usage = UniverseUsage::of(3, array_map(static fn (array $row): Span => Span::at(...$row), $taken));
        self::assertSame(['universe' => 3, 'used' => $used, 'free' => 512 - $used, 'largestGap' => $gap], $usage->toArray());
    }
}
