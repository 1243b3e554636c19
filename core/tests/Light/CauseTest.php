<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Light;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Finding\LightWords;
use Rigger\Core\Input\Json;
use Rigger\Core\Light\Cause;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Tests\Profile\Charts;

final class CauseTest extends TestCase
{
    /** @return iterable<string, array{list<array<string, mixed>>, list<int>, list<string>}> */
    public static function darkness(): iterable
    {
        $shut = Charts::range(0, 23, 'closed', [], 'Shut');
        yield 'a shutter that opens at the top' => [
            [['label' => 'Shutter', 'ranges' => [$shut, Charts::range(24, 255, 'open')]]],
            [9],
            ['Shutter (1) at 9 is in Shut, 0–23. Raise it to 24 or more.'],
        ];
        yield 'a shutter that opens in between' => [
            [['label' => 'Shutter', 'ranges' => [$shut, Charts::range(24, 99, 'open'), Charts::range(100, 255, 'closed')]]],
            [0],
            ['Shutter (1) at 0 is in Shut, 0–23. Set it to 24–99.'],
        ];
        yield 'a shutter that never opens' => [
            [
                ['label' => 'Shutter', 'ranges' => [$shut, Charts::range(24, 255, 'strobe', ['start' => 1, 'end' => 2])]],
                ['label' => 'Dimmer', 'ranges' => [Charts::level()]],
            ],
            [0, 255],
            ['Shutter (1) at 0 is in Shut, 0–23. Move it out of that range.'],
        ];
        yield 'a dimmer that is full below its top' => [
            [['label' => 'Dimmer', 'ranges' => [Charts::level(0, 118), Charts::range(119, 255, 'open')]]],
            [0],
            ['Dimmer (1) at 0 is down. Full is 118.'],
        ];
        yield 'a dimmer that falls' => [
            [['label' => 'Dimmer', 'ranges' => [Charts::level(0, 255, 'intensity', 1, 0)]]],
            [255],
            ['Dimmer (1) at 255 is down. Full is 0.'],
        ];
        yield 'a range without a name is called by what it does' => [
            [['label' => '', 'ranges' => [Charts::range(0, 9, 'closed', [], ''), Charts::range(10, 255, 'open')]]],
            [5],
            ['Channel 1 at 5 is in Closed, 0–9. Raise it to 10 or more.'],
        ];
        yield 'one colour' => [
            [['label' => 'Red', 'ranges' => [Charts::emitter('red')]]],
            [0],
            ['No colour is up: raise Red (1).'],
        ];
        yield 'several colours' => [
            [['label' => 'Red', 'ranges' => [Charts::emitter('red')]], ['label' => 'Blue', 'ranges' => [Charts::emitter('blue')]]],
            [0, 0],
            ['No colour is up: raise one of Red (1), Blue (2).'],
        ];
        yield 'a preset is a colour' => [
            [
                ['label' => 'Red', 'ranges' => [Charts::emitter('red')]],
                ['label' => 'Presets', 'ranges' => [Charts::range(0, 255, 'colour-preset', ['hex' => '#ff0000'])]],
                ['label' => 'Dimmer', 'ranges' => [Charts::level()]],
            ],
            [0, 9, 0],
            ['Dimmer (3) at 0 is down. Full is 255.'],
        ];
    }

    /**
     * @param list<array<string, mixed>> $channels
     * @param list<int>                  $values
     * @param list<string>               $expected
     */
    #[DataProvider('darkness')]
    public function testSaysWhyAndWhatToDo(array $channels, array $values, array $expected): void
    {
        $profile = ProfileReader::read(Json::decode(Json::encode(Charts::document($channels))));
        $mode = CompiledMode::of($profile, 'm');
        self::assertTrue($mode->light($values)->isDark());
        self::assertSame($expected, array_map(static fn (Cause $cause): string => LightWords::message($cause), $mode->whyDark($values, 1)));
    }
}
