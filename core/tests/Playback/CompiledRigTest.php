<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Playback;

use PHPUnit\Framework\TestCase;
use Rigger\Core\Finding\LightWords;
use Rigger\Core\Light\Cause;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Line\Radio\FormerKits;
use Rigger\Core\Line\RadioLink;
use Rigger\Core\Patch\Span;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\Lamp;
use Rigger\Core\Playback\LampState;
use Rigger\Core\Playback\PlayedUnit;
use Rigger\Core\Tests\Profile\Charts;

final class CompiledRigTest extends TestCase
{
    private static function tape(int $address, int $universe = 1, ?Cause $silence = null): PlayedUnit
    {
        return new PlayedUnit(
            'id'.$address,
            'Tape',
            $universe,
            Span::at($address, 3),
            CompiledMode::of(Charts::demo('ousel-tape-driver'), 'three'),
            $silence,
        );
    }

    public function testTwinsAnswerTogetherAndOthersDoNot(): void
    {
        $lamps = (new CompiledRig([self::tape(1), self::tape(1), self::tape(4)], 1))->lampsAt([1 => 255]);
        self::assertNotContains(LampState::Silent, array_column(array_column($lamps, 'light'), 'state'));
        self::assertEquals($lamps[0], $lamps[1]);
        self::assertGreaterThan(0, $lamps[0]->light->cells[0]['brightness']);
        self::assertEquals([Cause::noColour(['Red (1)', 'Green (2)', 'Blue (3)'])], $lamps[2]->causes);
    }

    public function testTwinsOfOneChartShowTheSameUnderTheirOwnNames(): void
    {
        $mode = CompiledMode::of(Charts::demo('skerry-spin-40'), 'eleven');
        $unit = static fn (string $id, bool $isMirrored = false): PlayedUnit => new PlayedUnit(
            $id,
            'Spin '.$id,
            1,
            Span::at(1, 11),
            $mode,
            null,
            [],
            $isMirrored,
        );
        $stage = new CompiledRig([$unit('L'), $unit('R'), $unit('M', true)], 1);
        foreach ([[1 => 200, 2 => 90, 5 => 0, 6 => 118], [6 => 0], [6 => 118, 8 => 255, 9 => 255, 10 => 255]] as $slots) {
            $lamps = $stage->lampsAt($slots);
            $alone = (new CompiledRig([$unit('R')], 1))->lampsAt($slots)[0];
            self::assertEquals($alone, $lamps[1], 'a twin is reckoned once, and says what it would say alone');
            self::assertEquals((new CompiledRig([$unit('M', true)], 1))->lampsAt($slots)[0], $lamps[2]);
            self::assertSame(['Spin L', 'Spin R', 'Spin M'], array_column($lamps, 'name'));
        }
        self::assertNotEquals($stage->lampsAt([1 => 200])[0]->light->pan, $stage->lampsAt([1 => 200])[2]->light->pan);
    }

    public function testTwinsThatRunByThemselvesAreNamed(): void
    {
        $drum = Charts::demo('marram-drum-6');
        $mode = CompiledMode::of($drum, 'nine');
        $program = 0;
        foreach (range(0, 255) as $value) {
            $program = 'program' === $mode->mode->channel(8)?->rangeAt($value)?->function->value ? $value : $program;
        }
        $lamps = (new CompiledRig(
            [new PlayedUnit('a', 'Drum 1', 1, Span::at(1, 9), $mode, null), new PlayedUnit('b', 'Drum 2', 1, Span::at(1, 9), $mode, null)],
            1,
        ))->lampsAt([8 => $program]);
        self::assertStringStartsWith('Drum 1 runs ', (string) LightWords::why($lamps[0]->causes, $lamps[0]->name));
        self::assertStringStartsWith('Drum 2 runs ', (string) LightWords::why($lamps[1]->causes, $lamps[1]->name));
    }

    public function testAUnitThatNothingReachesSaysWhy(): void
    {
        $silence = (new RadioLink('Booth left', 'Alder', 'Birch', FormerKits::named('Reed Link')))->silence();
        $lamps = (new CompiledRig(
            [self::tape(1, 1, $silence), self::tape(1, 2), new PlayedUnit('x', 'Odd', 1, Span::at(1, 1), null, null)],
            1,
        ))->lampsAt([1 => 255]);
        self::assertSame([LampState::Silent, LampState::Silent, LampState::Silent], array_column(array_column($lamps, 'light'), 'state'));
        self::assertSame([
            ['Tape does not respond: its receiver is set to Birch, and Booth left sends on Alder.'],
            ['Tape is in universe 2, and the desk sends universe 1.'],
            ['Odd has errors in its chart: put them right in Fixtures.'],
        ], array_map(static fn (Lamp $lamp): array => array_map(
            static fn (Cause $cause): string => LightWords::message($cause, $lamp->name),
            $lamp->causes,
        ), $lamps));
    }

    public function testEqualNamesAreLinkedAndNoNameIsNot(): void
    {
        self::assertNull((new RadioLink('Booth', 'Alder', 'Alder', FormerKits::named('Reed Link')))->silence());
        $cause = (new RadioLink('Booth', 'Alder', null, FormerKits::named('Reed Link')))->silence();
        self::assertSame('Tape has no receiver set: Booth sends on Alder.', LightWords::why(array_filter([$cause]), 'Tape'));
    }

    public function testChannelsPast512RestAtZero(): void
    {
        $lamp = (new CompiledRig([self::tape(511)], 1))->lampsAt([511 => 0, 512 => 255])[0];
        self::assertGreaterThan(0, $lamp->light->cells[0]['brightness']);
    }
}
