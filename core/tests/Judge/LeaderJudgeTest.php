<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Judge;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Change\Changes;
use Rigger\Core\Change\Unit\HearRemote;
use Rigger\Core\Change\Unit\RunUnits;
use Rigger\Core\Change\Unit\TurnUnit;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Finding\LightWords;
use Rigger\Core\Finding\Wording;
use Rigger\Core\Judge\Judge;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\LampState;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Tests\Rig\Rigs;
use Rigger\Core\Tests\Rig\SmallWorld;

/** Units that play without a desk. */
final class LeaderJudgeTest extends TestCase
{
    /**
     * @param array<string, string> $states by name
     * @param list<string>          $remote names of those that hear it
     */
    private static function rig(array $states, array $remote = [], bool $isCabled = true): Rig
    {
        $rig = Rigs::demo();
        foreach ($isCabled ? [] : array_keys($rig->runs) as $run) {
            $rig = $rig->withoutRun($run);
        }
        $changes = [];
        foreach ($states as $name => $state) {
            $changes[] = new RunUnits([Rigs::named($rig, $name)->id], $state);
        }
        foreach ($remote as $name) {
            $changes[] = new HearRemote([Rigs::named($rig, $name)->id], true);
        }

        return [] === $changes ? $rig : Changes::apply($changes, $rig, new SmallWorld())->rig;
    }

    /** @return array<string, string> sentence by code */
    private static function told(Rig $rig): array
    {
        $told = [];
        foreach ((new Judge($rig))->findings() as $finding) {
            if (\in_array($finding->code, \Rigger\Core\Finding\LeaderWords::CODES, true)) {
                $told[$finding->code] = Wording::message($finding, $rig);
            }
        }

        return $told;
    }

    /** @return iterable<string, array{Rig, array<string, string>, string}> told, and what the first button says */
    public static function rigs(): iterable
    {
        yield 'a leader, a follower, and the remote at the leader' => [
            self::rig(['Spin L' => 'leader', 'Spin R' => 'follower'], ['Spin L'], false),
            [],
            '',
        ];
        yield 'nobody leads' => [
            self::rig(['Spin L' => 'follower', 'Spin R' => 'follower'], [], false),
            ['no_leader' => 'Spin L and Spin R wait for a leader, and none is set to lead.'],
            'Let Spin L lead',
        ];
        yield 'two lead' => [
            self::rig(['Spin L' => 'leader', 'Spin R' => 'leader'], [], false),
            ['two_leaders' => 'Spin L and Spin R all lead: followers get two orders at once.'],
            'Let Spin L lead, and Spin R follow',
        ];
        yield 'on the cable of the desk' => [
            self::rig(['Spin L' => 'leader', 'Spin R' => 'follower']),
            ['leader_and_desk' => 'Mid is plugged into the desk, and Spin L sends on it too: two talk on one cable.'],
            'Unplug Mid from the desk',
        ];
        yield 'the follower hears the remote too' => [
            self::rig(['Spin L' => 'leader', 'Spin R' => 'follower'], ['Spin L', 'Spin R'], false),
            ['remote_many' => 'Spin L and Spin R listen to the hand remote: one alone should, the leader, and the others do what it does.'],
            'Let Spin L alone listen to the remote',
        ];
        yield 'the follower hears it instead' => [
            self::rig(['Spin L' => 'leader', 'Spin R' => 'follower'], ['Spin R'], false),
            ['remote_many' => 'Spin R listens to the hand remote: one alone should, the leader, and the others do what it does.'],
            'Let Spin L alone listen to the remote',
        ];
        yield 'a remote beside the desk' => [
            self::rig([], ['Drum 1']),
            ['remote_fights' => 'Drum 1 listens to the desk and to the hand remote: whichever speaks last wins.'],
            'Let Drum 1 listen to the remote no more',
        ];
    }

    /** @param array<string, string> $told */
    #[DataProvider('rigs')]
    public function testWhatIsToldAndAnswered(Rig $rig, array $told, string $button): void
    {
        self::assertSame($told, self::told($rig));
        $code = array_key_first($told);
        foreach ((new Judge($rig))->findings() as $finding) {
            if ($finding->code === $code) {
                [$first] = (new Judge($rig))->about($finding)->proposals;
                self::assertSame($button, $first->label);
                self::assertArrayNotHasKey($code, self::told(Changes::apply($first->changes, $rig, new SmallWorld())->rig));
            }
        }
    }

    public function testWhoIsTurnedInSoftwareIsTurnedInVainWithoutADesk(): void
    {
        $rig = self::rig(['Spin L' => 'leader', 'Spin R' => 'follower'], [], false);
        $rig = Changes::apply([new TurnUnit(Rigs::named($rig, 'Spin R')->id, 'pan', 'software')], $rig, new SmallWorld())->rig;
        self::assertSame(
            ['turned_in_vain' => 'Pan of Spin R is turned round in software, and without a desk nobody turns it: do it in the unit.'],
            self::told($rig),
        );
        [$finding] = array_values(array_filter(
            (new Judge($rig))->findings(),
            static fn (Finding $one): bool => 'turned_in_vain' === $one->code,
        ));
        [$proposal] = (new Judge($rig))->about($finding)->proposals;
        $after = Changes::apply($proposal->changes, $rig, new SmallWorld())->rig;
        self::assertSame([], self::told($after));
        self::assertSame('unit', Rigs::named($after, 'Spin R')->pan?->value, 'in one place only');
    }

    public function testTheStripSaysWhyNoFaderMovesThem(): void
    {
        $rig = self::rig(['Spin L' => 'leader', 'Spin R' => 'follower', 'Drum 1' => 'alone'], [], false);
        $words = [];
        foreach (CompiledRig::of($rig)->lampsAt([]) as $lamp) {
            if (LampState::Silent === $lamp->light->state) {
                $words[$lamp->name] = LightWords::why($lamp->causes, $lamp->name);
            }
        }
        self::assertSame([
            'Drum 1' => 'Drum 1 is set to run by itself: it hears no desk.',
            'Spin L' => 'Spin L leads others and runs by itself: it hears no desk.',
            'Spin R' => 'Spin R does what its leader says: it hears no desk.',
        ], $words);
    }
}
