<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Light;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Input\Json;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Light\Steady;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Tests\Profile\Charts;

final class SteadyTest extends TestCase
{
    /** @return iterable<string, array{list<array<string, mixed>>, int, int}> */
    public static function channels(): iterable
    {
        $flash = Charts::range(100, 199, 'strobe', ['start' => 1, 'end' => 9]);
        yield 'a dimmer goes to its own top' => [[Charts::level(0, 99), $flash, Charts::range(200, 255, 'open')], 150, 99];
        yield 'a falling dimmer to its own full' => [[Charts::level(0, 99, 'intensity', 1, 0), $flash], 150, 0];
        yield 'a shutter opens in the middle' => [[Charts::range(0, 99, 'closed'), $flash, Charts::range(200, 255, 'open')], 150, 227];
        yield 'with neither it rests where nothing flashes' => [[$flash, Charts::range(200, 255, 'none')], 150, 0];
        yield 'what does not flash stays' => [[Charts::level(0, 99), $flash], 7, 7];
    }

    /** @param list<array<string, mixed>> $ranges */
    #[DataProvider('channels')]
    public function testTakesTheFlashAway(array $ranges, int $value, int $expected): void
    {
        $mode = ProfileReader::read(Json::decode(Json::encode(Charts::document([['ranges' => $ranges]]))))->modes[0];
        self::assertSame([$expected], Steady::values($mode, [$value]));
    }

    public function testTheDemosStormIsSteadyThenAndStillLit(): void
    {
        $spin = CompiledMode::of(Charts::demo('skerry-spin-40'), 'eleven');
        $storm = [160, 100, 0, 0, 0, 200, 0, 0, 0, 128, 0];
        self::assertGreaterThan(3, $spin->light($storm)->fastestFlash());
        $steady = $spin->light(Steady::values($spin->mode, $storm));
        self::assertSame([0.0, 1.0], [$steady->fastestFlash(), $steady->cells[0]->brightness]);
    }
}
