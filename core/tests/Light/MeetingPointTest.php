<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Light;

use PHPUnit\Framework\TestCase;
use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\SaidColour;
use Rigger\Core\Colour\Uv;
use Rigger\Core\Input\Json;
use Rigger\Core\Light\Solve\ColourReach;
use Rigger\Core\Light\Solve\LightSolver;
use Rigger\Core\Light\Solve\MeetingPoint;
use Rigger\Core\Tests\Profile\Charts;

final class MeetingPointTest extends TestCase
{
    private static function reach(string $type, string $mode): ColourReach
    {
        return new ColourReach(new LightSolver(Charts::demo($type), $mode));
    }

    private static function colour(string $json): Chromaticity
    {
        return SaidColour::read(Json::decode($json), '')->chromaticity;
    }

    public function testWhoeverCanAllBeAlikeMeetsThere(): void
    {
        // Five colours, a wheel of eight, two whites: a pale blue is out of reach of the last two.
        $units = [self::reach('marram-drum-6', 'nine'), self::reach('skerry-spin-40', 'eleven'), self::reach('ferrow-twin-white', 'two')];
        $asked = self::colour('{"hex":"#c8d8ff"}');
        $off = static fn (Chromaticity $at): float => max(array_map(
            static fn (ColourReach $unit): float => $unit->nearest(Uv::of($at))->distance(Uv::of($at)),
            $units,
        ));
        $meeting = MeetingPoint::of($units, $asked);
        self::assertEqualsWithDelta($off($meeting->colour), $meeting->worst, 1e-6);
        self::assertLessThan(0.005, $meeting->worst);
        self::assertGreaterThan(0.03, $off($asked));
    }

    public function testAColourThatAllHaveStaysAndNobodyIsEverWorseOff(): void
    {
        $units = [self::reach('marram-drum-6', 'nine'), self::reach('corrin-wend-25', 'thirteen'), self::reach('skerry-spin-40', 'eleven')];
        mt_srand(3);
        for ($turn = 0; $turn < 40; ++$turn) {
            $asked = Chromaticity::of(mt_rand(15, 60) / 100, mt_rand(8, 38) / 100);
            $target = Uv::of($asked);
            $now = max(array_map(static fn (ColourReach $unit): float => $unit->nearest($target)->distance($target), $units));
            $meeting = MeetingPoint::of($units, $asked);
            self::assertLessThanOrEqual($now + 1e-6, $meeting->worst);
        }
        $same = MeetingPoint::of(\array_slice($units, 0, 1), self::colour('{"hex":"#ffe0c0"}'));
        self::assertLessThan(1e-6, Uv::of($same->colour)->distance(Uv::of(self::colour('{"hex":"#ffe0c0"}'))));
    }
}
