<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Playback;

use PHPUnit\Framework\TestCase;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Line\RadioLink;
use Rigger\Core\Patch\Span;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\PlayedUnit;
use Rigger\Core\Tests\Profile\Charts;

final class CompiledRigTest extends TestCase
{
    private static function tape(int $address, int $universe = 1, ?string $silence = null): PlayedUnit
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
        $lamps = (new CompiledRig([self::tape(1), self::tape(1), self::tape(4)], 1))->lamps([1 => 255]);
        self::assertSame([true, true, true], array_column($lamps, 'responds'));
        self::assertEquals($lamps[0], $lamps[1]);
        self::assertGreaterThan(0, $lamps[0]->cells[0]['brightness']);
        self::assertSame('No colour is up: raise one of Red (1), Green (2), Blue (3).', $lamps[2]->why);
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
            $lamps = $stage->lamps($slots);
            $alone = (new CompiledRig([$unit('R')], 1))->lamps($slots)[0];
            self::assertEquals($alone, $lamps[1], 'a twin is reckoned once, and says what it would say alone');
            self::assertEquals((new CompiledRig([$unit('M', true)], 1))->lamps($slots)[0], $lamps[2]);
            self::assertSame(['Spin L', 'Spin R', 'Spin M'], array_column($lamps, 'name'));
        }
        self::assertNotEquals($stage->lamps([1 => 200])[0]->pan, $stage->lamps([1 => 200])[2]->pan);
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
        ))->lamps([8 => $program]);
        self::assertStringStartsWith('Drum 1 runs ', (string) $lamps[0]->why);
        self::assertStringStartsWith('Drum 2 runs ', (string) $lamps[1]->why);
    }

    public function testAUnitThatNothingReachesSaysWhy(): void
    {
        $silence = (new RadioLink('Booth left', 'Alder', 'Birch'))->silence('Tape');
        $lamps = (new CompiledRig(
            [self::tape(1, 1, $silence), self::tape(1, 2), new PlayedUnit('x', 'Odd', 1, Span::at(1, 1), null, null)],
            1,
        ))->lamps([1 => 255]);
        self::assertSame([false, false, false], array_column($lamps, 'responds'));
        self::assertSame('Tape does not respond: its receiver is set to Birch, and Booth left sends on Alder.', $lamps[0]->why);
        self::assertSame('Tape is in universe 2, and the desk sends universe 1.', $lamps[1]->why);
        self::assertStringContainsString('errors in its chart', (string) $lamps[2]->why);
    }

    public function testEqualNamesAreLinkedAndNoNameIsNot(): void
    {
        self::assertNull((new RadioLink('Booth', 'Alder', 'Alder'))->silence('Tape'));
        self::assertSame('Tape has no receiver set: Booth sends on Alder.', (new RadioLink('Booth', 'Alder', null))->silence('Tape'));
    }

    public function testChannelsPast512RestAtZero(): void
    {
        $lamp = (new CompiledRig([self::tape(511)], 1))->lamps([511 => 0, 512 => 255])[0];
        self::assertGreaterThan(0, $lamp->cells[0]['brightness']);
    }
}
