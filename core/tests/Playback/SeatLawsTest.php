<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Playback;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rigger\Core\Desk\DeskOutput;
use Rigger\Core\Desk\DeskState;
use Rigger\Core\Desk\Master;
use Rigger\Core\Patch\Place;
use Rigger\Core\Playback\Command;
use Rigger\Core\Playback\Command\ClearFaders;
use Rigger\Core\Playback\Command\LetGo;
use Rigger\Core\Playback\Command\MoveFaders;
use Rigger\Core\Playback\Command\RecallLook;
use Rigger\Core\Playback\Command\RunWalk;
use Rigger\Core\Playback\Command\SendInstead;
use Rigger\Core\Playback\Command\SetBlackout;
use Rigger\Core\Playback\Command\SetCross;
use Rigger\Core\Playback\Command\SetMaster;
use Rigger\Core\Playback\Command\TryFader;
use Rigger\Core\Playback\Command\WalkDesk;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\Frame;
use Rigger\Core\Playback\Seat;
use Rigger\Core\Playback\State;
use Rigger\Core\Playback\TrialKind;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Tests\Rig\Rigs;

/** What holds at every seat, whatever hangs, whatever desk stands there, and whatever a hand does. */
final class SeatLawsTest extends TestCase
{
    private const RIGS = 40;

    /** @return iterable<int, array{Rig, CompiledRig, Randomizer}> */
    private static function rigs(): iterable
    {
        for ($seed = 1; $seed <= self::RIGS; ++$seed) {
            $rig = 0 === $seed % 8 ? Rigs::demo() : Rigs::byChance($seed);
            yield $seed => [$rig, CompiledRig::of($rig), new Randomizer(new Mt19937($seed))];
        }
    }

    /** @return list<Command> one for each thing that can be set, none of which undoes another */
    private static function settings(Randomizer $chance): array
    {
        $commands = [
            new SetMaster($chance->getInt(0, 255)),
            new SetBlackout(1 === $chance->getInt(1, 3)),
            new SetCross('crossA', $chance->getInt(0, 255)),
            new SetCross('crossB', $chance->getInt(0, 255)),
        ];
        foreach (range(1, 12) as $_) {
            $commands[] = new MoveFaders([$chance->getInt(1, 140) => $chance->getInt(0, 255)], 1 === $chance->getInt(1, 4) ? 'second' : 'first');
        }

        return $commands;
    }

    private static function whatever(Randomizer $chance, CompiledRig $rig): Command
    {
        $looks = array_keys($rig->looks);
        $walks = array_values(array_filter(TrialKind::cases(), static fn (TrialKind $kind): bool => [] !== $rig->walk($kind)));

        return match ($chance->getInt(1, 9)) {
            1 => [] === $looks ? new ClearFaders() : new RecallLook((string) $looks[$chance->getInt(0, \count($looks) - 1)]),
            2 => new ClearFaders(),
            3 => new TryFader(['hold', 'blink'][$chance->getInt(0, 1)], $chance->getInt(1, 140)),
            4 => [] === $walks ? new LetGo() : new WalkDesk($walks[$chance->getInt(0, \count($walks) - 1)]->value, $chance->getInt(1, 8) / 2),
            5 => new LetGo(),
            6 => new SendInstead(1 === $chance->getInt(1, 3) ? [$chance->getInt(1, 512) => 200] : null),
            7 => new RunWalk(1 === $chance->getInt(0, 1)),
            default => self::settings($chance)[$chance->getInt(0, 15)],
        };
    }

    public function testAnyOrderOfCommandsInOneTickGivesTheFrameThatTheirLastValuesSay(): void
    {
        foreach (self::rigs() as $seed => [, $rig, $chance]) {
            $commands = self::settings($chance);
            // Of several values for one fader the last counts, so those that say the same thing stay in their order.
            $last = [];
            foreach ($commands as $command) {
                $key = $command instanceof MoveFaders ? $command->row.' '.array_key_first($command->slots) : serialize([$command::class, $command instanceof SetCross ? $command->fader : '']);
                $last[$key] = $command;
            }
            $all = Seat::take($rig);
            $all->do(...$commands);
            $frame = $all->tick(0.0);
            foreach (range(1, 5) as $_) {
                $other = Seat::take($rig);
                $other->do(...$chance->shuffleArray(array_values($last)));
                self::assertEquals($frame, $other->tick(0.0), 'seed '.$seed);
                self::assertEquals($all->lights(), $other->lights(), 'seed '.$seed);
            }
        }
    }

    public function testMasterAndBlackoutDoWhatTheDesksDescriptionSays(): void
    {
        $seen = [];
        foreach (self::rigs() as $seed => [$rig, $played, $chance]) {
            $desk = $rig->desk();
            if (null === $desk) {
                continue;
            }
            $seat = Seat::take($played);
            $seat->do(...self::settings($chance));
            $state = $seat->state()->desk;
            $dimmers = self::dimmers($rig);
            self::assertSame(
                array_filter(DeskOutput::of($desk)->slots($state, $dimmers), static fn (int $value): bool => $value > 0),
                $seat->tick(0.0)->slots($desk->universe),
                'seed '.$seed,
            );
            $seat->do(new SetBlackout(true));
            $dark = $seat->tick(0.0)->slots($desk->universe);
            $seat->do(new SetBlackout(false), new SetMaster(255));
            $open = $seat->tick(0.0)->slots($desk->universe);
            $master = $desk->manual->master;
            $seen[$master->value ?? 'none'] = true;
            self::assertSame(match ($master) {
                Master::All => [],
                Master::Dimmers => array_diff_key($open, $dimmers),
                default => $open,
            }, $dark, 'seed '.$seed);
        }
        self::assertGreaterThan(1, \count($seen));
    }

    /** @return array<int, true> by address */
    private static function dimmers(Rig $rig): array
    {
        $dimmers = [];
        foreach ($rig->units as $unit) {
            foreach ($unit->mode()->channels as $channel) {
                $coarse = $channel->isFine() ? $unit->mode()->channel((int) $channel->fineOf) : $channel;
                foreach ($unit->place->universe === $rig->universe() ? $coarse->ranges ?? [] : [] as $range) {
                    if ('intensity' === $range->function->value) {
                        $dimmers[$unit->place->address + $channel->offset - 1] = true;
                    }
                }
            }
        }

        return $dimmers;
    }

    public function testTickingTwiceWithoutACommandIsTheSameFrame(): void
    {
        foreach (self::rigs() as $seed => [, $rig, $chance]) {
            $seat = Seat::take($rig);
            foreach (range(1, 20) as $_) {
                $seat->do(self::whatever($chance, $rig));
                $frame = $seat->tick($chance->getInt(0, 4000) / 1000);
                $seat->takeChanged();
                self::assertEquals($frame, $seat->tick(0.0), 'seed '.$seed);
                self::assertSame([], $seat->takeChanged(), 'seed '.$seed);
                if (null === $seat->next()) {
                    self::assertEquals($frame, $seat->tick(1000.0), 'nothing moves by itself that did not say so; seed '.$seed);
                }
            }
        }
    }

    public function testUntilTheNextMomentNothingMovesAndThenTheSeatIsThere(): void
    {
        foreach (self::rigs() as $seed => [, $rig, $chance]) {
            $seat = Seat::take($rig);
            foreach (range(1, 20) as $_) {
                $seat->do(self::whatever($chance, $rig));
                $frame = $seat->tick($chance->getInt(0, 4000) / 1000);
                $next = $seat->next();
                if (null !== $next) {
                    self::assertGreaterThan(0.0, $next, 'seed '.$seed);
                    self::assertEquals($frame, $seat->tick($next * 0.999), 'seed '.$seed);
                    $before = self::place($seat);
                    $seat->tick($next * 0.002);
                    self::assertNotSame($before, self::place($seat), 'seed '.$seed);
                }
            }
        }
    }

    /** @return array{int|null, bool|null} at which step of a walk it is, and whether what goes up and down is up */
    private static function place(Seat $seat): array
    {
        $state = $seat->state();

        return [$state->trial?->stepAt($state->time), $state->trial?->isUp($state->time)];
    }

    public function testWhatChangedBroughtTogetherIsTheWholeAndIsWhatTheLampsSay(): void
    {
        foreach (self::rigs() as $seed => [, $rig, $chance]) {
            $seat = Seat::take($rig);
            $shown = $seat->takeChanged();
            self::assertSame(array_keys($rig->units), array_keys($shown), 'at first, all');
            foreach (range(1, 20) as $_) {
                $seat->do(self::whatever($chance, $rig));
                $seat->tick($chance->getInt(0, 4000) / 1000);
                $shown = array_replace($shown, $seat->takeChanged());
                self::assertEquals(Seat::take($rig, $seat->state())->lights(), array_values($shown), 'seed '.$seed);
                foreach ($seat->lamps() as $place => $lamp) {
                    self::assertEquals($shown[$place], $lamp->light, 'seed '.$seed);
                }
            }
        }
    }

    public function testAFrameAfterAChangeOfTheRigIsThatOfASeatNewlyTakenInIt(): void
    {
        foreach (self::rigs() as $seed => [$rig, $played, $chance]) {
            $seat = Seat::take($played);
            $seat->do(self::whatever($chance, $played), ...self::settings($chance));
            $seat->tick(1.2);
            $unit = array_values($rig->units)[$chance->getInt(0, \count($rig->units) - 1)];
            $changed = CompiledRig::of(1 === $chance->getInt(1, 3)
                ? $rig->withoutUnit($unit->id)
                : $rig->withUnits($unit->movedTo(new Place($unit->place->universe, $chance->getInt(1, 400)))));
            $seat->under($changed);
            $frame = $seat->tick(0.0);
            $new = Seat::take($changed, $seat->state());
            self::assertEquals($new->frame(), $frame, 'seed '.$seed);
            self::assertEquals($new->lights(), $seat->lights(), 'seed '.$seed);
            self::assertEquals($new->takeChanged(), $seat->takeChanged(), 'everything is new in another rig');
        }
    }

    public function testEveryUniverseIsInTheFrameTheOthersAtRest(): void
    {
        $others = 0;
        foreach (self::rigs() as $seed => [$rig, $played, $chance]) {
            $seat = Seat::take($played);
            $seat->do(...self::settings($chance));
            $frame = $seat->tick(0.0);
            self::assertSame(array_fill_keys(array_keys($frame->universes), 512), array_map(strlen(...), $frame->universes));
            self::assertArrayHasKey($rig->universe(), $frame->universes);
            $rest = [];
            foreach ($rig->units as $unit) {
                self::assertArrayHasKey($unit->place->universe, $frame->universes);
                foreach ($unit->place->universe === $rig->universe() ? [] : $unit->mode()->byOffset() as $channel) {
                    $rest[$unit->place->universe][$unit->place->address + $channel->offset - 1] ??= $channel->default;
                }
            }
            foreach ($rest as $universe => $slots) {
                ++$others;
                self::assertSame(Frame::bytes($slots), $frame->universe($universe), 'seed '.$seed);
            }
        }
        self::assertGreaterThan(5, $others);
    }

    public function testWhoSitsDownFindsTheFirstLook(): void
    {
        $rig = CompiledRig::of(Rigs::demo());
        self::assertSame(array_key_first($rig->looks), Seat::take($rig)->state()->recalled);
        self::assertEquals(new State(new DeskState([])), State::start(new CompiledRig([], 1)));
    }
}
