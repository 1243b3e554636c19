<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Judge;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Change\Changes;
use Rigger\Core\Change\Refused;
use Rigger\Core\Input\InputError;
use Rigger\Core\Judge\Judge;
use Rigger\Core\Judge\Patch\Numbering;
use Rigger\Core\Judge\Patch\NumberingWish;
use Rigger\Core\Patch\Relation;
use Rigger\Core\Patch\RelationKind;
use Rigger\Core\Rig\Reversal;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Severity;
use Rigger\Core\Tests\Rig\Rigs;
use Rigger\Core\Tests\Rig\SmallWorld;

/** Whatever a proposal proposes: it makes nothing of its kind worse, never moves what is locked, never parts twins. */
final class ProposalLawsTest extends TestCase
{
    /** @return iterable<string, array{list<Rig>}> */
    public static function rigs(): iterable
    {
        yield 'the demo' => [[Rigs::demo()]];
        foreach (range(1, 151, 10) as $seed) {
            yield \sprintf('rigs of seeds %d to %d', $seed, $seed + 9) => [array_map(Rigs::byChance(...), range($seed, $seed + 9))];
        }
    }

    /** @param list<Rig> $rigs */
    #[DataProvider('rigs')]
    public function testAProposalKeepsTheLaws(array $rigs): void
    {
        array_map(self::proposals(...), $rigs);
    }

    /** @param list<Rig> $rigs */
    #[DataProvider('rigs')]
    public function testAPlanKeepsTheLaws(array $rigs): void
    {
        array_map(self::plans(...), $rigs);
    }

    private static function proposals(Rig $rig): void
    {
        $before = self::tally($rig);
        foreach (Judge::judged($rig) as $judged) {
            foreach ($judged->proposals as $proposal) {
                $after = Changes::apply($proposal->changes, $rig, new SmallWorld())->rig;
                $what = $proposal->label.' for '.$judged->finding->key;
                self::assertNothingIsWorse($before, self::tally($after), $judged->finding->code, $proposal->givesUp, $what);
                self::assertNothingLockedMoved($rig, $after, $what);
                self::assertTwinsStay($rig, $after, $what);
                self::assertSame(
                    $proposal->trips,
                    self::trips($rig, $after, $judged->finding->stage),
                    $what.' costs other trips than it says',
                );
            }
        }
    }

    private static function plans(Rig $rig): void
    {
        foreach ([
            new NumberingWish(true, 'packed', 10, 1, 3, 0),
            new NumberingWish(false, 'packed', 10, 1, 3, 0),
            new NumberingWish(false, 'round', 5, 1, 4, 0),
            new NumberingWish(true, 'buttons', 10, 1, 3, 0),
            new NumberingWish(false, 'buttons', 10, 1, 3, 0),
        ] as $wish) {
            try {
                $proposal = Numbering::of($rig, $wish)->proposal();
            } catch (Refused|InputError $refused) {
                self::assertContains(
                    $refused instanceof Refused ? $refused->reason : $refused->errorCode,
                    ['locked', 'locked_clash', 'out_of_range', 'not_a_choice'],
                );
                continue;
            }
            if (null === $proposal) {
                continue;
            }
            $after = Changes::apply($proposal->changes, $rig, new SmallWorld())->rig;
            self::assertSame(
                [],
                array_filter(
                    $after->addresses()->relations,
                    static fn (Relation $relation): bool => RelationKind::Twins !== $relation->kind,
                ),
                'after a plan everybody has room',
            );
            self::assertNothingHeldIsTaken($rig, $after);
            if ('buttons' === $wish->spacing) {
                self::assertEverybodyHasAButton($rig, $after);
            }
            self::assertNothingLockedMoved($rig, $after, 'the plan');
            self::assertTwinsStay($rig, $after, 'the plan');
            self::assertSame($proposal->trips, self::trips($rig, $after, 'patch'));
        }
    }

    private static function assertNothingLockedMoved(Rig $before, Rig $after, string $what): void
    {
        foreach ($before->units as $id => $unit) {
            self::assertTrue(
                (!$unit->isLocked && !$unit->isOut) || $unit->place->equals($after->unit($id)->place),
                $what.' moves '.$unit->name.', which is locked or out of action',
            );
        }
    }

    private static function assertNothingHeldIsTaken(Rig $before, Rig $after): void
    {
        foreach ($after->units as $id => $unit) {
            $isMoved = !$unit->place->equals($before->unit($id)->place);
            self::assertTrue(!$isMoved || [] === $after->holdsUnder($unit), $unit->name.' is put in held slots');
        }
    }

    /** Of those that a plan may move. */
    private static function assertEverybodyHasAButton(Rig $before, Rig $after): void
    {
        $wrong = [];
        foreach ($after->map()->findings ?? [] as $finding) {
            $unit = $after->unit($finding->unit);
            if (\in_array($finding->code, ['not_aligned', 'out_of_reach'], true) && !$after->together($unit)->isLocked()) {
                $wrong[] = $unit->name.' '.$finding->code;
            }
            $movedTogether = array_filter(
                array_filter([$finding->unit, ...(array) ($finding->figures['with'] ?? [])], is_string(...)),
                static fn (string $id): bool => !$after->unit($id)->place->equals($before->unit($id)->place),
            );
            if ('shared_button' === $finding->code && [] !== $movedTogether) {
                $wrong[] = $unit->name.' is put at a button of somebody else';
            }
        }
        self::assertSame([], $wrong);
    }

    private static function assertTwinsStay(Rig $before, Rig $after, string $what): void
    {
        foreach ($before->groups() as $group) {
            $now = array_unique(array_map(static fn (Unit $unit): string => $after->unit($unit->id)->twinKey(), $group->units));
            self::assertCount(1, $now, $what.' parts '.$group->names());
        }
    }

    /**
     * Fewer units have its fault afterwards, or as many; and no other fault has more, unless the proposal says so.
     *
     * @param array<string, array<string, true>> $before
     * @param array<string, array<string, true>> $after
     * @param list<string>                       $givesUp
     */
    private static function assertNothingIsWorse(array $before, array $after, string $code, array $givesUp, string $what): void
    {
        foreach ($after as $kind => $units) {
            if ($kind === $code || [] === $givesUp) {
                self::assertSame([], array_diff_key($units, $before[$kind] ?? []), $what.' makes '.$kind.' worse');
            }
        }
    }

    /** @return array<string, array<string, true>> units that have a fault, by its code */
    private static function tally(Rig $rig): array
    {
        $tally = [];
        foreach ((new Judge($rig))->findings() as $finding) {
            if (Severity::Note !== $finding->severity && 'fixtures' !== $finding->stage) {
                $tally[$finding->code] = ($tally[$finding->code] ?? []) + array_fill_keys($finding->units, true);
            }
        }

        // Who shares a button is not told once more that it stands off it; it stands off it all the same.
        foreach ($rig->map()->findings ?? [] as $finding) {
            if ('not_aligned' === $finding->code && !$rig->unit($finding->unit)->isOut) {
                $tally['not_aligned'][$finding->unit] = true;
            }
        }

        return $tally;
    }

    /** @return list<mixed> what of a unit's lines is set on it */
    private static function menu(Unit $unit): array
    {
        $inUnit = static fn (?Reversal $one): bool => Reversal::InUnit === $one;

        return [$unit->linkId, $unit->receiverId, $unit->outputs, $unit->runState, $unit->hearsRemote, $inUnit($unit->pan), $inUnit($unit->tilt)];
    }

    /** Units that have to be set anew, and receivers: one that several share is gone to once. */
    private static function trips(Rig $before, Rig $after, string $stage): int
    {
        $trips = [];
        foreach ($before->units as $id => $unit) {
            $is = $after->unit($id);
            if (!$unit->place->equals($is->place) || $unit->mode()->key !== $is->mode()->key
                || ('lines' === $stage && self::menu($unit) !== self::menu($is))) {
                $trips[$id] = true;
            } elseif ('lines' === $stage && $unit->receiver !== $is->receiver) {
                $trips[$is->receiverId ?? $id] = true;
            }
        }

        return \count($trips);
    }
}
