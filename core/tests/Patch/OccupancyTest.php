<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Patch;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rigger\Core\Patch\Occupancy;
use Rigger\Core\Patch\Span;

/** Room in a universe, held against asking of every address. */
final class OccupancyTest extends TestCase
{
    public function testTheLowestFreeAddressIsFoundAsByLookingAtEachOne(): void
    {
        $chance = new Randomizer(new Mt19937(7));
        for ($turn = 0; $turn < 200; ++$turn) {
            $spans = array_map(
                static fn (): Span => Span::at($chance->getInt(1, 512), $chance->getInt(1, 60)),
                array_fill(0, $chance->getInt(0, 14), null),
            );
            $footprint = $chance->getInt(1, 80);
            $starts = 0 === $turn % 2 ? null : range(1, 512, $chance->getInt(5, 40));
            self::assertSame(self::slow($spans, $footprint, $starts), Occupancy::of($spans)->lowest($footprint, $starts));
            if ([] !== $spans) {
                self::assertSame(
                    self::slow(\array_slice($spans, 1), $footprint, $starts),
                    Occupancy::of($spans)->without($spans[0])->lowest($footprint, $starts),
                );
                self::assertEquals(Occupancy::of($spans), Occupancy::of(\array_slice($spans, 1))->with($spans[0]));
            }
        }
    }

    /**
     * @param list<Span>     $spans
     * @param list<int>|null $starts
     */
    private static function slow(array $spans, int $footprint, ?array $starts): ?int
    {
        foreach ($starts ?? range(1, 512) as $start) {
            $span = Span::at($start, $footprint);
            if ($span->fits() && [] === array_filter($spans, static fn (Span $one): bool => null !== $span->shared($one))) {
                return $start;
            }
        }

        return null;
    }
}
