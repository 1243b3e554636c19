<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Line\RadioLink;
use Rigger\Core\Patch\Span;
use Rigger\Core\Stage\CompiledStage;
use Rigger\Core\Stage\StageUnit;
use Rigger\Core\Tests\Profile\Charts;

final class CompiledStageTest extends TestCase
{
    private static function tape(int $address, int $universe = 1, ?string $silence = null): StageUnit
    {
        return new StageUnit('id'.$address, 'Tape', $universe, Span::at($address, 3), CompiledMode::of(Charts::demo('ousel-tape-driver'), 'three'), $silence);
    }

    public function testTwinsAnswerTogetherAndOthersDoNot(): void
    {
        $lamps = (new CompiledStage([self::tape(1), self::tape(1), self::tape(4)], 1))->lamps([1 => 255]);
        self::assertSame([true, true, true], array_column($lamps, 'responds'));
        self::assertEquals($lamps[0], $lamps[1]);
        self::assertGreaterThan(0, $lamps[0]->cells[0]['brightness']);
        self::assertSame('No colour is up: raise one of Red (1), Green (2), Blue (3).', $lamps[2]->why);
    }

    public function testAUnitThatNothingReachesSaysWhy(): void
    {
        $silence = (new RadioLink('Booth left', 'Alder', 'Birch'))->silence('Tape');
        $lamps = (new CompiledStage([self::tape(1, 1, $silence), self::tape(1, 2), new StageUnit('x', 'Odd', 1, Span::at(1, 1), null, null)], 1))->lamps([1 => 255]);
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
        $lamp = (new CompiledStage([self::tape(511)], 1))->lamps([511 => 0, 512 => 255])[0];
        self::assertGreaterThan(0, $lamp->cells[0]['brightness']);
    }
}
