<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Rigger\App\Tests\Support\ApiTestCase;

/** Advice for a desk: wishes, the plan beside the patch, and taking it over. */
final class DeskPlanTest extends ApiTestCase
{
    /** @return array{string, array<string, mixed>, list<array<string, mixed>>} rig, its wishes by name, and as they are sent */
    private function wishes(): array
    {
        $id = $this->demoRig();
        $units = $this->ask('GET', '/api/rigs/'.$id.'/desk/wishes')['units'];
        self::assertIsArray($units);

        return [
            $id,
            array_column($units, null, 'name'),
            array_map(
                static fn (array $unit): array => ['unitId' => $unit['unitId'], 'wants' => $unit['wants'], 'with' => $unit['with']],
                array_values($units),
            ),
        ];
    }

    /**
     * @param array<string, mixed> $advice
     *
     * @return array<string, mixed>
     */
    private static function row(array $advice, string $name): array
    {
        return self::named($advice['rows'], $name);
    }

    public function testBeginsWithWhatEveryUnitDoesNow(): void
    {
        [, $units] = $this->wishes();
        self::assertSame(['dimmer', 'colour', 'flash'], $units['Drum 1']['wants']);
        self::assertSame(['dimmer', 'colour', 'flash', 'no-programs'], $units['Drum 1']['possible']);
        self::assertSame($units['Drum 1']['unitId'], $units['Drum 2']['with']);
        self::assertNull($units['Drum 1']['with']);
        self::assertSame([], array_diff($units['Haar']['wants'], $units['Haar']['possible']));
    }

    public function testAPlanSaysModeButtonCostsAndWhoHasNoPlace(): void
    {
        [$id, $units, $wishes] = $this->wishes();
        $advice = $this->ask('POST', '/api/rigs/'.$id.'/desk/plan/preview', ['wishes' => $wishes]);
        self::assertSame(['001, button 1', false], [self::row($advice, 'Drum 1')['toPlace'], self::row($advice, 'Drum 1')['isChanged']]);
        $batten = self::row($advice, 'Batten');
        self::assertSame(
            [null, ['its shortest mode with that has 27 channels, and there are faders for 14']],
            [$batten['toPlace'], $batten['costs']],
        );
        self::assertStringContainsString('no place for 1 unit', $advice['sentence']);
        self::assertContains('Batten and Pack A would share 071–074.', $advice['warnings']);

        foreach ($wishes as $index => $wish) {
            $wishes[$index]['wants'] = $wish['unitId'] === $units['Batten']['unitId'] ? ['colour', 'no-programs'] : $wish['wants'];
        }
        $advice = $this->ask('POST', '/api/rigs/'.$id.'/desk/plan/preview', ['wishes' => $wishes]);
        self::assertSame(
            ['4-channel', 6, ['gives up flash', 'gives up each cell', 'gains no programs']],
            [self::row($advice, 'Batten')['toMode'], self::row($advice, 'Batten')['button'], self::row($advice, 'Batten')['costs']],
        );
        self::assertStringContainsString('all 10 buttons are given', implode(' ', self::row($advice, 'Haar')['costs']));
    }

    public function testTakenOverItIsOneChangeThatCanBeUndone(): void
    {
        [$id, $units, $wishes] = $this->wishes();
        $wanted = array_values(array_filter(
            $wishes,
            static fn (array $wish): bool => \in_array(
                $wish['unitId'],
                [$units['Batten']['unitId'], $units['Pack A']['unitId']],
                true,
            ),
        ));
        $wanted[(int) array_search($units['Batten']['unitId'], array_column($wanted, 'unitId'), true)]['wants'] = ['colour'];
        // All others stay, so their buttons are not given away.
        $advice = $this->ask('POST', '/api/rigs/'.$id.'/desk/plan/preview', ['wishes' => $wanted]);
        self::assertSame([6, 7], [self::row($advice, 'Batten')['button'], self::row($advice, 'Pack A')['button']]);
        self::assertSame([], $advice['warnings']);
        $rig = $this->change($id, 1, $advice['take']['changes']);
        self::assertSame(
            ['four', 71, 85],
            [self::unit($rig, 'Batten')['mode'], self::unit($rig, 'Batten')['address'], self::unit($rig, 'Pack A')['address']],
        );
        self::assertSame('Took over a plan for Tenfold 10: one ladder trip', $rig['undo']);
        self::assertNull($this->ask('POST', '/api/rigs/'.$id.'/desk/plan/preview', ['wishes' => $wanted])['take']);
        self::assertSame('nothing_to_do', $this->change($id, 2, ['do' => 'take-plan', 'goal' => 'desk', 'units' => []], 409)['type']);
        $rig = $this->change($id, 2, ['do' => 'undo']);
        self::assertSame('cells', self::unit($rig, 'Batten')['mode']);
    }

    public function testAUnitGoesTogetherOnlyWithOneOfItsOwnChart(): void
    {
        [$id, $units] = $this->wishes();
        $wishes = [
            ['unitId' => $units['Pack A']['unitId'], 'wants' => [], 'with' => null],
            ['unitId' => $units['Batten']['unitId'], 'wants' => [], 'with' => $units['Pack A']['unitId']],
        ];
        $advice = $this->ask('POST', '/api/rigs/'.$id.'/desk/plan/preview', ['wishes' => $wishes]);
        self::assertSame(['it cannot be set to the mode of the unit it is to go with'], self::row($advice, 'Batten')['costs']);
    }

    public function testBadWishesAreRefusedAtTheirPlace(): void
    {
        [$id, $units] = $this->wishes();
        $path = '/api/rigs/'.$id.'/desk/plan/preview';
        $drum = ['unitId' => $units['Drum 1']['unitId'], 'wants' => [], 'with' => null];
        self::assertSame(
            'wishes[0].wants',
            $this->ask('POST', $path, ['wishes' => [['wants' => ['glitter']] + $drum]], 422)['violations'][0]['path'],
        );
        self::assertSame('wishes[1].unit', $this->ask('POST', $path, ['wishes' => [$drum, $drum]], 422)['violations'][0]['path']);
        self::assertSame(
            'unknown_fixture',
            $this->ask('POST', $path, ['wishes' => [['with' => $units['Drum 2']['unitId']] + $drum]], 422)['violations'][0]['code'],
        );
        self::assertSame('wishes', $this->ask('POST', $path, ['wishes' => []], 422)['violations'][0]['path']);
        $this->change($id, 1, ['do' => 'lock-unit', 'unit' => $drum['unitId'], 'isLocked' => true]);
        self::assertSame('locked', $this->ask('POST', $path, ['wishes' => [$drum]], 422)['violations'][0]['code']);
        $this->change($id, 2, ['do' => 'choose-desk', 'desk' => null]);
        self::assertSame('no_desk', $this->ask('POST', $path, ['wishes' => [$drum]], 409)['type']);
    }
}
