<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Desk;

use PHPUnit\Framework\TestCase;
use Rigger\Core\Desk\DeskMap;
use Rigger\Core\Desk\DeskUnit;
use Rigger\Core\Desk\OneByOne;
use Rigger\Core\Desk\WalkStep;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Patch\Placed;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Tests\Profile\Charts;

final class OneByOneTest extends TestCase
{
    /** @var array<string, array{FixtureProfile, string, int}> profile, mode and address by name */
    private array $rig = [];

    protected function setUp(): void
    {
        $drum = Charts::demo('marram-drum-6');
        $this->rig = [
            'spin' => [Charts::demo('skerry-spin-40'), 'eleven', 43],
            'drum1' => [$drum, 'nine', 1],
            'drum2' => [$drum, 'nine', 1],
            'pack' => [Charts::demo('pellow-quad-pack'), Charts::demo('pellow-quad-pack')->modes[0]->key, 15],
            'far' => [$drum, 'nine', 200],
        ];
    }

    private function walk(): OneByOne
    {
        $units = [];
        $modes = [];
        foreach ($this->rig as $id => [$profile, $key, $address]) {
            $modes[$id] = $profile->mode($key) ?? self::fail($key);
            $units[] = new DeskUnit(
                new Placed($id, 1, Span::at($address, $modes[$id]->footprint()), $profile->model.'/'.$key),
                $modes[$id]->labels(),
            );
        }

        return new OneByOne(DeskMap::of(Desks::tenfold(), $units), $units, $modes);
    }

    /** @return list<string> names of those that are lit */
    private function lit(WalkStep $step): array
    {
        $lit = [];
        foreach ($this->rig as $id => [$profile, $key, $address]) {
            $mode = CompiledMode::of($profile, $key);
            $values = array_map(
                static fn (int $place): int => $step->slots[$address + $place] ?? 0,
                range(0, $mode->mode->footprint() - 1),
            );
            if (!$mode->light($values)->isDark()) {
                $lit[] = $id;
            }
        }

        return $lit;
    }

    public function testEachUnitAnswersAloneAndTwinsTogether(): void
    {
        $steps = $this->walk()->units();
        self::assertSame([['drum1', 'drum2'], ['pack'], ['spin']], array_map(static fn (WalkStep $step): array => $step->units, $steps));
        foreach ($steps as $step) {
            self::assertNull($step->address);
            self::assertEqualsCanonicalizing($step->units, $this->lit($step));
        }
    }

    public function testEachFaderIsWalkedOnceAndOnlyItsOwnUnitsAnswer(): void
    {
        $steps = $this->walk()->faders();
        self::assertSame(
            [...range(1, 9), ...range(15, 18), ...range(43, 53)],
            array_map(static fn (WalkStep $step): ?int => $step->address, $steps),
        );
        foreach ($steps as $step) {
            self::assertSame([], array_diff($this->lit($step), $step->units));
        }
    }

    public function testAColourIsWalkedWithoutTheOthers(): void
    {
        $red = $this->walk()->faders()[1];
        self::assertSame(255, $red->slots[2]);
        self::assertSame([0, 0, 0, 0], [$red->slots[3], $red->slots[4], $red->slots[5], $red->slots[6]]);
        self::assertSame(['drum1', 'drum2'], $this->lit($red));
    }
}
