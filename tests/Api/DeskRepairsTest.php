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
        $id = self::fixture($rig, $name)['id'];
        foreach ((array) $rig['findings'] as $one) {
            if (\is_array($one) && 'desk' === $one['stage'] && $code === $one['code'] && [$id] === $one['fixtureIds']) {
                return $one;
            }
        }
        self::fail('Nothing is said of '.$name);
    }

    /** @return array<string, mixed> */
    private function repair(string $rig, int $version, string $fixtureId, string $repair): array
    {
        return $this->ask('POST', '/api/rigs/'.$rig.'/desk/repair', ['version' => $version, 'fixtureId' => $fixtureId, 'repair' => $repair]);
    }

    /** @return iterable<string, array{string, string, list<string>}> code, unit, what the buttons say */
    public static function offers(): iterable
    {
        yield 'a unit that spills' => ['spills', 'Batten', ['Use its 8-channel mode: one ladder trip', 'Let it take 2 buttons: Pack A moves to 099 (button 8) (one ladder trip)']];
        yield 'one on the tail of another' => ['shared_button', 'Pack A', ['Move Pack A to 099 (button 8): one ladder trip']];
        yield 'one beside its button' => ['not_aligned', 'Panel', ['Move Panel to 099 (button 8): one ladder trip']];
    }

    /** @param list<string> $labels */
    #[DataProvider('offers')]
    public function testEachFindingOffersItsRepairs(string $code, string $name, array $labels): void
    {
        $finding = self::finding($this->ask('GET', '/api/rigs/'.$this->demoRig()), $code, $name);
        self::assertSame($labels, array_column([$finding['repair'], ...$finding['others']], 'label'));
    }

    public function testAShorterModeEndsTheSpilling(): void
    {
        $id = $this->demoRig();
        $batten = self::fixture($this->ask('GET', '/api/rigs/'.$id), 'Batten')['id'];
        $rig = $this->repair($id, 1, $batten, 'mode');
        self::assertSame(['eight', 'Set Batten to mode 8-channel, which fits Tenfold 10'], [self::fixture($rig, 'Batten')['mode'], $rig['undo']]);
        self::assertNotContains('warning spills', self::codes($rig, 'desk'));
    }

    public function testAUnitLetTakeTwoButtonsIsNoFaultAnyMoreAndMakesWay(): void
    {
        $id = $this->demoRig();
        $batten = self::fixture($this->ask('GET', '/api/rigs/'.$id), 'Batten')['id'];
        $rig = $this->repair($id, 1, $batten, 'buttons');
        self::assertSame([71, 99], [self::fixture($rig, 'Batten')['address'], self::fixture($rig, 'Pack A')['address']]);
        self::assertSame('Let Batten take 2 buttons and moved Pack A to 099 (button 8)', $rig['undo']);
        $said = self::finding($rig, 'spills', 'Batten');
        self::assertSame(['note', 'Batten takes 2 buttons', 'Hold it to one button again'], [$said['severity'], $said['title'], $said['repair']['label']]);
        self::assertSame([], array_values(array_filter($rig['findings'], static fn (array $one): bool => 'patch' === $one['stage'] && 'error' === $one['severity'])), 'the clash is gone with it');

        $exported = $this->ask('GET', '/api/rigs/'.$id.'/export');
        self::assertSame(2, array_values(array_filter($exported['fixtures'], static fn (array $one): bool => 'Batten' === $one['name']))[0]['buttons']);
        $again = $this->ask('POST', '/api/import', $exported);
        self::assertSame('note', self::finding($this->ask('GET', '/api/rigs/'.$again['id']), 'spills', 'Batten')['severity']);

        $rig = $this->repair($id, 2, $batten, 'one');
        self::assertSame('warning', self::finding($rig, 'spills', 'Batten')['severity']);
        $rig = $this->ask('POST', '/api/rigs/'.$id.'/undo', ['version' => 3]);
        $rig = $this->ask('POST', '/api/rigs/'.$id.'/undo', ['version' => $rig['version']]);
        self::assertSame(85, self::fixture($rig, 'Pack A')['address']);
    }

    public function testTwinsMoveTogetherBackIntoReachAndTheirRestIsTold(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $ids = [self::fixture($rig, 'Drum 3')['id'], self::fixture($rig, 'Drum 4')['id']];
        $rig = $this->ask('POST', '/api/rigs/'.$id.'/fixtures/move', ['version' => 1, 'fixtureIds' => $ids, 'address' => '300']);
        $told = self::finding($rig, 'out_of_reach', 'Drum 4');
        self::assertStringContainsString('Dimmer (1) is down', $told['message']);
        self::assertStringContainsString('So Drum 4 is dark on this desk', $told['message']);
        self::assertSame('Move Drum 3 and Drum 4 to 015 (button 2): 2 ladder trips', $told['repair']['label']);
        $rig = $this->repair($id, 2, $ids[1], 'move');
        self::assertSame([15, 15], [self::fixture($rig, 'Drum 3')['address'], self::fixture($rig, 'Drum 4')['address']]);
    }

    public function testAnotherUniverseIsLeftForTheDesks(): void
    {
        $id = $this->demoRig();
        $haar = self::fixture($this->ask('GET', '/api/rigs/'.$id), 'Haar')['id'];
        $rig = $this->ask('PATCH', '/api/rigs/'.$id.'/fixtures/'.$haar, ['version' => 1, 'address' => '2/9']);
        self::assertSame(['move'], array_column([self::finding($rig, 'other_universe', 'Haar')['repair']], 'desk'));
        $rig = $this->repair($id, 2, $haar, 'move');
        self::assertSame([1, 99], [self::fixture($rig, 'Haar')['universe'], self::fixture($rig, 'Haar')['address']]);
    }

    public function testTwoAlikeAtOneButtonBecomeTwins(): void
    {
        $id = $this->demoRig();
        $drum = self::fixture($this->ask('GET', '/api/rigs/'.$id), 'Drum 2')['id'];
        $rig = $this->ask('PATCH', '/api/rigs/'.$id.'/fixtures/'.$drum, ['version' => 1, 'address' => '10']);
        self::assertSame('Make Drum 2 a twin of Drum 1 at 001: one ladder trip', self::finding($rig, 'shared_button', 'Drum 2')['repair']['label']);
        $rig = $this->repair($id, 2, $drum, 'twin');
        self::assertSame(self::fixture($rig, 'Drum 1')['id'], self::fixture($rig, 'Drum 2')['twinOf']);
    }

    public function testWithoutAFreeButtonThatIsSaid(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $this->repair($id, 1, self::fixture($rig, 'Panel')['id'], 'move');
        $rig = $this->repair($id, 2, self::fixture($rig, 'Batten')['id'], 'mode');
        $told = self::finding($rig, 'not_aligned', 'Haar');
        self::assertNull($told['repair']);
        self::assertStringEndsWith('No free button has room for it.', $told['message']);
    }

    public function testALockedUnitIsNotMovedAndWhatIsGoneIsSaid(): void
    {
        $id = $this->demoRig();
        $pack = self::fixture($this->ask('GET', '/api/rigs/'.$id), 'Pack A')['id'];
        $rig = $this->ask('PATCH', '/api/rigs/'.$id.'/fixtures/'.$pack, ['version' => 1, 'isLocked' => true]);
        self::assertNull(self::finding($rig, 'shared_button', 'Pack A')['repair']);
        self::assertStringEndsWith('It is locked where it is.', self::finding($rig, 'shared_button', 'Pack A')['message']);
        self::assertCount(0, self::finding($rig, 'spills', 'Batten')['others']);
        $drum = self::fixture($rig, 'Drum 1')['id'];
        self::assertSame('nothing_to_do', $this->ask('POST', '/api/rigs/'.$id.'/desk/repair', ['version' => 2, 'fixtureId' => $drum, 'repair' => 'buttons'], 409)['type']);
        $this->ask('POST', '/api/rigs/'.$id.'/desk/repair', ['version' => 2, 'fixtureId' => $drum, 'repair' => 'paint'], 422);
        $this->ask('POST', '/api/rigs/'.$id.'/desk/repair', ['version' => 1, 'fixtureId' => $drum, 'repair' => 'move'], 409);
    }
}
