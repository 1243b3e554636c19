<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Judge;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Change\Proposal;
use Rigger\Core\Change\Unit\MoveUnits;
use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Input\Json;
use Rigger\Core\Judge\Judge;
use Rigger\Core\Patch\Place;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Rig\DeskInUse;
use Rigger\Core\Rig\Revision;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Tests\Profile\Charts;
use Rigger\Core\Tests\Rig\Rigs;

/** Repairs move the right unit, to the next place that is free, and no two the same. */
final class NewPlacesTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>|null, list<array{0: string, 1: int, 2: int, 3?: bool}>, list<string>}> */
    public static function repairs(): iterable
    {
        $panel = self::desk('capstan-4');
        $flat = ['format' => 'rigger-desk', 'version' => 1, 'name' => 'Plain', 'layout' => 'flat', 'first' => 1, 'faders' => 24];
        yield 'the wall that is off its zone moves to the zone\'s start, not its neighbour' => [
            $panel,
            [['Left', 4, 1], ['Middle', 4, 6], ['Right', 4, 9]],
            ['Move Middle to 005 (zone 2): one ladder trip'],
        ];
        yield 'on plain faders the one inside another goes to the next place that is free' => [
            $flat + ['pages' => 16],
            [['Wide', 8, 214], ['Late', 8, 218], ['Before', 8, 1]],
            ['Move Late to 222, the next place that is free: one ladder trip'],
        ];
        yield 'past the last fader too' => [
            $flat + ['pages' => 4],
            [['Wide', 8, 214], ['Late', 8, 218]],
            ['Move Late to 222, the next place that is free: one ladder trip'],
        ];
        yield 'without a desk too, and in the order of the list it is the same' => [
            null,
            [['Late', 8, 218], ['Wide', 8, 214]],
            ['Move Late to 222, the next place that is free: one ladder trip'],
        ];
        yield 'a locked one stays, and its neighbour goes' => [
            null,
            [['Wide', 8, 214], ['Late', 8, 218, true]],
            ['Move Wide to 226, the next place that is free: one ladder trip'],
        ];
        yield 'where nothing is free behind it, the lowest will do' => [
            null,
            [['Wide', 10, 500], ['Late', 8, 505]],
            ['Move Late to 001, the lowest place that is free: one ladder trip'],
        ];
        yield 'twins that sit on another go together, and are told once' => [
            null,
            [['Wide', 8, 1], ['One', 8, 4], ['Two', 8, 4]],
            ['Move One and Two to 009, the next place that is free: 2 ladder trips'],
        ];
        yield 'the same start in another mode: the one that came last goes' => [
            null,
            [['First', 8, 1], ['Second', 4, 1]],
            ['Move Second to 009, the next place that is free: one ladder trip'],
        ];
    }

    /**
     * @param array<string, mixed>|null                        $desk
     * @param list<array{0: string, 1: int, 2: int, 3?: bool}> $units    name, channels, address, locked
     * @param list<string>                                     $expected labels of what is offered in Patch
     */
    #[DataProvider('repairs')]
    public function testTheOneThatStandsWrongIsMoved(?array $desk, array $units, array $expected): void
    {
        $rig = self::rig($desk, $units);
        $labels = [];
        foreach (Judge::judged($rig) as $judged) {
            foreach ('patch' === $judged->finding->stage ? $judged->proposals : [] as $proposal) {
                $labels[] = $proposal->label;
            }
        }
        self::assertSame($expected, $labels);
    }

    public function testAWallOffItsZoneIsPutRightAtTheDeskByTheSameMove(): void
    {
        $rig = self::rig(self::desk('capstan-4'), [['Left', 3, 1], ['Middle', 3, 6], ['Right', 3, 9]]);
        $offered = [];
        foreach (Judge::judged($rig) as $judged) {
            $offered[$judged->finding->code] = array_map(static fn (Proposal $one): string => $one->label, $judged->proposals);
        }
        self::assertSame(['not_aligned' => ['Move Middle to 005 (zone 2): one ladder trip']], $offered);
    }

    public function testNoTwoAreOfferedTheSamePlace(): void
    {
        foreach ([Rigs::demo(), ...array_map(Rigs::byChance(...), range(1, 120))] as $rig) {
            $byPlace = [];
            foreach (Judge::judged($rig) as $judged) {
                foreach ($judged->proposals as $proposal) {
                    $isMove = [] === array_filter($proposal->changes, static fn (object $change): bool => !$change instanceof MoveUnits);
                    foreach ($isMove && !str_contains($proposal->label, 'twin') ? $proposal->changes : [] as $change) {
                        self::assertInstanceOf(MoveUnits::class, $change);
                        $byPlace[$change->to][implode(' ', $change->units)] = true;
                    }
                }
            }
            foreach ($byPlace as $place => $movers) {
                self::assertCount(1, $movers, $place.' is offered to '.implode(' and ', array_keys($movers)));
            }
        }
    }

    public function testTheDemoOffersPackAAndTheOthersDifferentButtons(): void
    {
        $offered = [];
        foreach (Judge::judged(Rigs::demo()) as $judged) {
            foreach ($judged->proposals as $proposal) {
                $offered[] = $proposal->label;
            }
        }
        self::assertContains('Move Pack A to 099 (button 8): one ladder trip', $offered);
        foreach (array_filter($offered, static fn (string $label): bool => str_contains($label, 'to 099')) as $label) {
            self::assertStringContainsString('Pack A', $label);
        }
    }

    /** @return array<string, mixed> */
    private static function desk(string $name): array
    {
        return (array) Rigs::json('desks/'.$name);
    }

    /**
     * @param array<string, mixed>|null                        $desk
     * @param list<array{0: string, 1: int, 2: int, 3?: bool}> $units
     */
    private static function rig(?array $desk, array $units): Rig
    {
        $hung = [];
        foreach ($units as $nth => [$name, $channels, $address]) {
            $unit = new Unit('u'.$nth, $name, self::revision($channels), 'm', new Place(1, $address));
            $hung[] = $unit->locked($units[$nth][3] ?? false);
        }

        return new Rig('rig', 'Walls', 'Here', 1, null === $desk ? null : new DeskInUse('desk', DeskReader::read(
            Json::decode(Json::encode($desk)),
        )), $hung);
    }

    private static function revision(int $channels): Revision
    {
        static $known = [];

        return $known[$channels] ??= new Revision('r'.$channels, 't'.$channels, 1, 'Tolland', 'Line '.$channels, ProfileReader::read(
            Json::decode(Json::encode(Charts::document(array_map(
                static fn (int $nth): array => ['ranges' => [Charts::level()]],
                range(1, $channels),
            )))),
        ));
    }
}
