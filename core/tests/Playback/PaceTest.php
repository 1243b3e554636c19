<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Playback;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rigger\Core\Playback\Pace;

final class PaceTest extends TestCase
{
    public function testAtOnceAfterQuietElseAGapAfterTheLast(): void
    {
        $pace = new Pace();
        self::assertSame(7.0, $pace->due(7.0));
        $pace = $pace->went(7.0);
        self::assertSame(7.025, $pace->due(7.001));
        self::assertSame(7.025, $pace->due(7.025));
        self::assertSame(7.4, $pace->due(7.4));
        self::assertSame(8.0, $pace->idle(1.0));
        self::assertNull((new Pace())->idle(1.0));
    }

    public function testForeverAskedItGoesFortyTimesASecondWhateverTheTimersDo(): void
    {
        $chance = new Randomizer(new Mt19937(7));
        $pace = new Pace();
        $now = 100.0;
        $went = [];
        while ($now < 160.0) {
            $due = $pace->due($now);
            // A timer is never early, and late by up to 20 ms.
            $now = $due + $chance->getInt(0, 20) / 1000;
            $pace = $pace->went($due);
            $went[] = $due;
        }
        self::assertCount(2400, array_filter($went, static fn (float $due): bool => $due < 160.0 - 1e-6));
        foreach (range(0, \count($went) - 42) as $first) {
            self::assertGreaterThanOrEqual(1.0 - 1e-9, $went[$first + 40] - $went[$first], 'no more than 40 in any second');
        }
    }

    public function testWhoWasHeldUpForLongDoesNotCatchUp(): void
    {
        $pace = (new Pace())->went(1.0);
        self::assertSame(3.0, $pace->due(3.0));
        self::assertSame(3.025, $pace->went(3.0)->due(3.0));
    }
}
