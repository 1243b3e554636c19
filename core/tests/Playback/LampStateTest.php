<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Playback;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Finding\LightWords;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\LampState;
use Rigger\Core\Tests\Rig\Rigs;

/** The strip tells the truth: what responds, what is lit, what is dark, and what has no lamp. */
final class LampStateTest extends TestCase
{
    /** @return iterable<string, array{string, array<int, int>, LampState, string|null}> unit, value by address, state, words */
    public static function moments(): iterable
    {
        $all = 'Socket 1 (1), Socket 2 (2), Socket 3 (3) and Socket 4 (4) at 0 are down. Full is 255.';
        yield 'a pack with every fader down names every socket' => ['Pack B', [], LampState::Dark, $all];
        yield 'a pack with one socket up names the others' => [
            'Pack B',
            [113 => 200],
            LampState::Partly,
            'Socket 2 (2), Socket 3 (3) and Socket 4 (4) at 0 are down. Full is 255.',
        ];
        yield 'a pack that is all up' => ['Pack B', [113 => 9, 114 => 9, 115 => 9, 116 => 9], LampState::Lit, null];
        yield 'a hazer has no lamp, whatever it blows' => ['Haar', [130 => 255, 131 => 255], LampState::NoLamp, null];
        yield 'a wash with its dimmer down' => ['Drum 1', [], LampState::Dark, null];
        yield 'a battery driver behind radio is lit' => ['Tape', [127 => 255], LampState::Lit, null];
    }

    /** @param array<int, int> $slots */
    #[DataProvider('moments')]
    public function testSaysWhatAUnitDoes(string $name, array $slots, LampState $state, ?string $words): void
    {
        foreach (CompiledRig::of(Rigs::demo())->lampsAt($slots) as $lamp) {
            if ($name === $lamp->name) {
                self::assertSame($state, $lamp->light->state);
                if (null !== $words) {
                    self::assertSame($words, LightWords::why($lamp->causes, $lamp->name));
                }

                return;
            }
        }
        self::fail('Nobody is called '.$name);
    }
}
