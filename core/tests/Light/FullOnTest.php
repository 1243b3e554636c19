<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Light;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Light\AtRest;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Light\FullOn;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Tests\Profile\Charts;

final class FullOnTest extends TestCase
{
    /** @return iterable<string, array{FixtureProfile, string}> */
    public static function modes(): iterable
    {
        foreach ([
            'marram-drum-6',
            'skerry-spin-40',
            'tolland-batten-8',
            'pellow-quad-pack',
            'ousel-tape-driver',
            'ferrow-twin-white',
            'sedge-pail-7',
        ] as $name) {
            $profile = Charts::demo($name);
            foreach ($profile->modes as $mode) {
                yield $name.' '.$mode->key => [$profile, $mode->key];
            }
        }
    }

    #[DataProvider('modes')]
    public function testEveryModeOfTheDemoShinesSteadilyAndByNobodysProgram(FixtureProfile $profile, string $key): void
    {
        $mode = CompiledMode::of($profile, $key);
        $values = FullOn::values($mode->mode);
        self::assertCount($mode->mode->footprint(), $values);
        $light = $mode->light($values);
        self::assertNull($light->selfRunning);
        foreach ($light->cells as $cell) {
            self::assertSame(0.0, $cell->flash);
            self::assertGreaterThan(0.99, $cell->intensity);
            self::assertFalse($cell->isDark());
        }
    }

    #[DataProvider('modes')]
    public function testNothingAtRestChangesNothing(FixtureProfile $profile, string $key): void
    {
        $rest = AtRest::of(CompiledMode::of($profile, $key), []);
        self::assertFalse($rest->isDark);
        self::assertSame([], $rest->meaning);
    }

    public function testAClosedShutterOutOfReachLeavesTheUnitDark(): void
    {
        $rest = AtRest::of(CompiledMode::of(Charts::demo('marram-drum-6'), 'nine'), [7, 8, 9]);
        self::assertTrue($rest->isDark);
        self::assertStringContainsString('Shutter (7) is closed', implode('; ', $rest->meaning));
        self::assertStringContainsString('So Drum 1 is dark on this desk, whatever its other faders do.', $rest->sentence('Drum 1'));
    }

    public function testAColourOutOfReachIsNoDarkness(): void
    {
        $rest = AtRest::of(CompiledMode::of(Charts::demo('marram-drum-6'), 'five'), [5]);
        self::assertFalse($rest->isDark);
        self::assertStringContainsString('gives none of its colour', $rest->sentence('Drum 1'));
    }

    public function testManyChannelsAreNotAllRecited(): void
    {
        $rest = AtRest::of(CompiledMode::of(Charts::demo('tolland-batten-8'), 'cells'), range(15, 27));
        self::assertStringContainsString('more likewise', $rest->sentence('Batten'));
        self::assertLessThan(400, \strlen($rest->sentence('Batten')));
    }
}
