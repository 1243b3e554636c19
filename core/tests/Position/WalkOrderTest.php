<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Position;

use PHPUnit\Framework\TestCase;
use Rigger\Core\Position\WalkOrder;

/** From position to position, as a foot walks. */
final class WalkOrderTest extends TestCase
{
    public function testBeamByBeamAndAlongEachFromTheLeft(): void
    {
        $units = [
            'nowhere' => [null, -9.0],
            'stand ten' => ['stand 10', null],
            'right' => ['mid beam, centre', 2.0],
            'left' => ['Mid beam, right', -2.0],
            'stand two' => ['stand 2', null],
            'by words' => ['mid beam, a', null],
            'front' => ['front beam', 5.0],
        ];
        uasort($units, static fn (array $one, array $other): int => WalkOrder::compare($one[0], $one[1], $other[0], $other[1]));
        self::assertSame(['front', 'left', 'right', 'by words', 'stand two', 'stand ten', 'nowhere'], array_keys($units));
    }

    public function testItIsOneOrderFromBothSides(): void
    {
        $places = [[null, null], [null, 1.0], ['front beam', 1.0], ['front beam', -1.0], ['front beam, left', null], ['stand', 0.0]];
        foreach ($places as $place) {
            foreach ($places as $other) {
                self::assertSame(WalkOrder::compare(...$place, ...$other) <=> 0, -(WalkOrder::compare(...$other, ...$place) <=> 0));
            }
        }
    }
}
