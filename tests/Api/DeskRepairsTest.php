<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\App\Tests\Support\ApiTestCase;

/** What is told at the desk, and that each button does what it says. */
final class DeskRepairsTest extends ApiTestCase
{
    /**
     * @param array<string, mixed> $rig
     *
     * @return array<string, mixed>
     */
    private static function finding(array $rig, string $code, string $name): array
    {
        $id = self::unit($rig, $name)['id'];
        foreach ((array) $rig['findings'] as $one) {
            if (\is_array($one) && 'desk' === $one['stage'] && $code === $one['code'] && \in_array($id, $one['unitIds'], true)) {
                return $one;
            }
        }
        self::fail('Nothing is said of '.$name);
    }

    /**
     * Presses a button of a finding.
     *
     * @return array<string, mixed> the rig as it is then
     */
    private function press(string $id, string $code, string $name, string $button): array
    {
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $finding = self::finding($rig, $code, $name);
        foreach ([$finding['repair'], ...$finding['others']] as $one) {
            if (str_starts_with($one['label'], $button)) {
                return $this->change($id, $rig['version'], $one['changes']);
            }
        }
        self::fail('There is no button '.$button);
    }

    /** @return iterable<string, array{string, string, list<string>}> code, unit, what the buttons say */
    public static function offers(): iterable
    {
        yield 'a unit that spills' => [
            'spills',
            'Batten',
            ['Use its 8-channel mode: one ladder trip', 'Let it take 2 buttons: Pack A moves to 099 (button 8) (one ladder trip)'],
        ];
        yield 'one on the tail of another' => ['shared_button', 'Pack A', ['Move Pack A to 099 (button 8): one ladder trip']];
        yield 'one that would want the same button' => ['shared_button', 'Panel', []];
    }

    /** @param list<string> $labels */
    #[DataProvider('offers')]
    public function testEachFindingOffersItsRepairs(string $code, string $name, array $labels): void
    {
        $finding = self::finding($this->ask('GET', '/api/rigs/'.$this->demoRig()), $code, $name);
        self::assertSame($labels, array_column(
            null === $finding['repair'] ? [] : [$finding['repair'], ...$finding['others']],
            'label',
        ));
    }

    public function testAShorterModeEndsTheSpilling(): void
    {
        $id = $this->demoRig();
        $rig = $this->press($id, 'spills', 'Batten', 'Use its');
        self::assertSame(['eight', 'Set Batten from mode 27-channel to 8-channel'], [self::unit($rig, 'Batten')['mode'], $rig['undo']]);
        self::assertNotContains('warning spills', self::codes($rig, 'desk'));
    }

    public function testAUnitLetTakeTwoButtonsIsNoFaultAnyMoreAndMakesWay(): void
    {
        $id = $this->demoRig();
        $rig = $this->press($id, 'spills', 'Batten', 'Let it take');
        self::assertSame([71, 99], [self::unit($rig, 'Batten')['address'], self::unit($rig, 'Pack A')['address']]);
        self::assertSame('Moved Pack A from 085 to 099; Let Batten take 2 buttons', $rig['undo']);
        $said = self::finding($rig, 'spills', 'Batten');
        self::assertSame(
            ['note', 'Batten takes 2 buttons', 'Hold it to one button again'],
            [$said['severity'], $said['title'], $said['repair']['label']],
        );
        self::assertSame(
            [],
            array_values(array_filter(
                $rig['findings'],
                static fn (array $finding): bool => 'patch' === $finding['stage'] && 'error' === $finding['severity'],
            )),
            'the clash is gone with it',
        );

        $exported = $this->ask('GET', '/api/rigs/'.$id.'/export');
        self::assertSame(
            2,
            array_values(array_filter(
                $exported['fixtures'],
                static fn (array $fixture): bool => 'Batten' === $fixture['name'],
            ))[0]['buttons'],
        );
        $again = $this->ask('POST', '/api/import', $exported);
        self::assertSame('note', self::finding($this->ask('GET', '/api/rigs/'.$again['id']), 'spills', 'Batten')['severity']);

        $rig = $this->press($id, 'spills', 'Batten', 'Hold it');
        self::assertSame('warning', self::finding($rig, 'spills', 'Batten')['severity']);
        $rig = $this->change($id, 3, ['do' => 'undo']);
        $rig = $this->change($id, $rig['version'], ['do' => 'undo']);
        self::assertSame(85, self::unit($rig, 'Pack A')['address']);
    }

    public function testTwinsMoveTogetherBackIntoReachAndTheirRestIsTold(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $ids = [self::unit($rig, 'Drum 3')['id'], self::unit($rig, 'Drum 4')['id']];
        $rig = $this->change($id, 1, ['do' => 'move-units', 'units' => $ids, 'to' => '300']);
        $told = self::finding($rig, 'out_of_reach', 'Drum 4');
        self::assertStringContainsString('Dimmer (1) is down', $told['message']);
        self::assertStringContainsString('So Drum 3 and Drum 4 are dark on this desk', $told['message']);
        self::assertSame('Move Drum 3 and Drum 4 to 015 (button 2): 2 ladder trips', $told['repair']['label']);
        $rig = $this->press($id, 'out_of_reach', 'Drum 4', 'Move');
        self::assertSame([15, 15], [self::unit($rig, 'Drum 3')['address'], self::unit($rig, 'Drum 4')['address']]);
    }

    public function testAnotherUniverseIsLeftForTheDesks(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        [$haar, $panel, $pack] = array_map(static fn (string $name): string => self::unit($rig, $name)['id'], ['Haar', 'Panel', 'Pack A']);
        // Nobody else wants the one button that is free.
        $rig = $this->change($id, 1, [
            ['do' => 'remove-unit', 'unit' => $panel],
            ['do' => 'lock-unit', 'unit' => $pack, 'isLocked' => true],
            ['do' => 'move-units', 'units' => [$haar], 'to' => '2/9'],
        ]);
        self::assertSame(['move-units'], array_column(self::finding($rig, 'other_universe', 'Haar')['repair']['changes'], 'do'));
        $rig = $this->press($id, 'other_universe', 'Haar', 'Move');
        self::assertSame([1, 99], [self::unit($rig, 'Haar')['universe'], self::unit($rig, 'Haar')['address']]);
    }

    public function testTwoAlikeAtOneButtonBecomeTwins(): void
    {
        $id = $this->demoRig();
        $drum = self::unit($this->ask('GET', '/api/rigs/'.$id), 'Drum 2')['id'];
        $rig = $this->change($id, 1, ['do' => 'move-units', 'units' => [$drum], 'to' => '10']);
        self::assertSame(
            'Make Drum 2 a twin of Drum 1 at 001: one ladder trip',
            self::finding($rig, 'shared_button', 'Drum 2')['repair']['label'],
        );
        $rig = $this->press($id, 'shared_button', 'Drum 2', 'Make');
        self::assertSame(self::unit($rig, 'Drum 1')['id'], self::unit($rig, 'Drum 2')['twinOf']);
    }

    public function testWithoutAFreeButtonThatIsSaid(): void
    {
        $id = $this->demoRig();
        $rig = $this->press($id, 'shared_button', 'Pack A', 'Move');
        $told = self::finding($rig, 'shared_button', 'Haar');
        self::assertNull($told['repair']);
        self::assertStringEndsWith('No free button has room for them.', $told['message']);
    }

    public function testALockedUnitIsNotMovedAndThatIsSaid(): void
    {
        $id = $this->demoRig();
        $pack = self::unit($this->ask('GET', '/api/rigs/'.$id), 'Pack A')['id'];
        $rig = $this->change($id, 1, ['do' => 'lock-unit', 'unit' => $pack, 'isLocked' => true]);
        self::assertNull(self::finding($rig, 'shared_button', 'Pack A')['repair']);
        self::assertStringEndsWith('Pack A is locked where it is.', self::finding($rig, 'shared_button', 'Pack A')['message']);
        self::assertCount(0, self::finding($rig, 'spills', 'Batten')['others']);
        // What it would have had goes to the next who wants one.
        self::assertSame('Move Panel to 099 (button 8): one ladder trip', self::finding($rig, 'shared_button', 'Panel')['repair']['label']);
    }
}
