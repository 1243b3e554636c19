<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Rigger\App\Tests\Support\ApiTestCase;

/** Numbering a whole rig: looked at, then taken over as one change. */
final class NumberingTest extends ApiTestCase
{
    public function testTheFewestTripsPutTheDemoRightAndSayWhy(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $wish = ['goal' => 'fewest', 'spacing' => 'buttons'];
        // Twelve buttons are wanted of a desk that has ten: that is told, until somebody knows who shares.
        self::assertNull($this->ask('POST', $path.'/plan/preview', $wish)['take']);
        $rig = $this->ask('GET', $path);
        $this->change($path, 1, array_map(static fn (array $names): array => [
            'do' => 'accept-finding',
            'stage' => 'desk',
            'code' => 'shared_button',
            'units' => array_map(static fn (string $name): string => self::unit($rig, $name)['id'], $names),
        ], [['Pack B', 'Panel'], ['Tape', 'Haar']]));
        $plan = $this->ask('POST', $path.'/plan/preview', $wish);
        self::assertSame('One ladder trip; 13 stay where they are.', $plan['sentence']);
        self::assertSame(
            ['Pack A', '085', '099', 'it shares 085–088 with Batten'],
            array_values(array_intersect_key($plan['trips'][0], array_flip(['name', 'from', 'to', 'why']))),
        );
        self::assertSame(85, self::unit($this->ask('GET', $path), 'Pack A')['address']);

        self::assertNotNull($plan['take']);
        $rig = $this->change($path, 2, $plan['take']['changes']);
        self::assertSame('Put the addresses right: one ladder trip', $rig['undo']);
        self::assertSame(99, self::unit($rig, 'Pack A')['address']);
        self::assertNotContains('error clash', self::codes($rig, 'patch'));
        self::assertNull($this->ask('POST', $path.'/plan/preview', $wish)['take']);
        self::assertSame(85, self::unit($this->change($path, 3, ['do' => 'undo']), 'Pack A')['address']);
    }

    public function testALockedUnitStaysAndTheOtherMoves(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $locked = self::unit($this->ask('GET', $path), 'Pack A')['id'];
        $rig = $this->change($path, 1, ['do' => 'lock-unit', 'unit' => $locked, 'isLocked' => true]);
        self::assertSame('Locked Pack A: no plan moves it', $rig['undo']);
        $plan = $this->ask('POST', $path.'/plan/preview', ['goal' => 'fewest', 'spacing' => 'packed']);
        self::assertSame(['Batten'], array_column($plan['trips'], 'name'));
    }

    public function testAfreshKeepsTwinsTogether(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $rig = $this->change(
            $path,
            1,
            $this->ask('POST', $path.'/plan/preview', ['goal' => 'fresh', 'spacing' => 'packed'])['take']['changes'],
        );
        $at = static fn (string $name): int => self::unit($rig, $name)['address'];
        self::assertSame(
            [1, 1, 10, 10, 19, 19, 28],
            array_map($at, ['Drum 1', 'Drum 2', 'Drum 3', 'Drum 4', 'Drum 5', 'Drum 6', 'Spin L']),
        );
    }

    public function testAnImpossibleWishSaysWhatDoesNotFit(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $plan = $this->ask('POST', $path.'/plan/preview', ['goal' => 'fresh', 'spacing' => 'stride', 'step' => 100, 'first' => 1]);
        self::assertNotSame([], $plan['unplaced']);
        self::assertStringContainsString('slots in a row', $plan['unplaced'][0]['why']);
        self::assertNull($plan['take']);
        self::assertSame(
            [],
            $this->ask(
                'POST',
                $path.'/plan/preview',
                ['goal' => 'fresh', 'spacing' => 'stride', 'step' => 100, 'first' => 1, 'universes' => 3],
            )['unplaced'],
        );
        foreach ([['goal' => 'best'], ['spacing' => 'loose'], ['step' => 0], ['universes' => 0]] as $wrong) {
            $problem = $this->ask('POST', $path.'/plan/preview', $wrong + ['goal' => 'fresh', 'spacing' => 'packed'], 422);
            self::assertSame(array_key_first($wrong), $problem['violations'][0]['path']);
        }
    }
}
