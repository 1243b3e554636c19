<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Judge;

use PHPUnit\Framework\TestCase;
use Rigger\Core\Change\ChangeReader;
use Rigger\Core\Change\Changes;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Finding\LightWords;
use Rigger\Core\Finding\Wording;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Judge\Judge;
use Rigger\Core\Judge\Judged;
use Rigger\Core\Judge\Patch\Numbering;
use Rigger\Core\Judge\Patch\NumberingWish;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\LampState;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Severity;
use Rigger\Core\Tests\Rig\Rigs;
use Rigger\Core\Tests\Rig\SmallWorld;

/** What somebody knows, what is held for others, and who is out of action tonight. */
final class KnownAndHeldTest extends TestCase
{
    private static SmallWorld $world;

    protected function setUp(): void
    {
        self::$world = new SmallWorld();
    }

    public function testTheDemoIsPutRightOnceSomebodyKnowsOfTheTwoSharings(): void
    {
        $rig = Rigs::demo();
        $wish = new NumberingWish(true, 'buttons', 10, 1, 1, 0);
        // Twelve buttons are wanted of a desk that has ten.
        $short = Numbering::of($rig, $wish);
        self::assertNull($short->proposal());
        self::assertSame('Batten', $short->unplaced[0]->unit->name);
        self::assertStringContainsString(
            'it needs 2 buttons in a row, and of the 10 of Tenfold 10 too few are left.',
            $short->unplaced[0]->why,
        );

        $rig = self::know($rig, 'shared_button', 'Pack B', 'Panel');
        $rig = self::know($rig, 'shared_button', 'Tape', 'Haar');
        $plan = Numbering::of($rig, $wish)->proposal();
        self::assertNotNull($plan);
        self::assertSame(1, $plan->trips);
        $after = Changes::apply($plan->changes, $rig, new SmallWorld())->rig;
        self::assertSame(99, Rigs::named($after, 'Pack A')->place->address);
        self::assertSame(['spills'], self::openCodes($after, 'patch', 'desk'), 'the Batten takes two buttons, and that is told still');
    }

    public function testWhatIsKnownIsANoteWithoutRepairs(): void
    {
        $rig = self::know(Rigs::demo(), 'shared_button', 'Tape', 'Haar');
        $known = array_values(array_filter(
            Judge::judged($rig),
            static fn (Judged $one): bool => 'shared_button' === $one->finding->code && Severity::Note === $one->finding->severity,
        ));
        self::assertCount(1, $known);
        self::assertSame([[], 'both in the corner'], [$known[0]->proposals, $known[0]->finding->word('knownNote')]);
        // And it is taken back.
        $rig = self::apply($rig, ['do' => 'look-again', 'known' => $known[0]->finding->word('known')]);
        self::assertCount(3, array_keys(self::openCodes($rig, 'desk'), 'shared_button', true));
    }

    public function testOneMoreAtTheButtonIsToldAgain(): void
    {
        $rig = self::know(Rigs::demo(), 'shared_button', 'Tape', 'Haar');
        $before = \count(array_keys(self::openCodes($rig, 'desk'), 'shared_button', true));
        $rig = self::apply($rig, ['do' => 'move-units', 'units' => [Rigs::named($rig, 'Panel')->id], 'to' => '1/133']);
        // Panel left Pack B alone, and is a third at the button of Tape and Haar.
        self::assertCount($before, array_keys(self::openCodes($rig, 'desk'), 'shared_button', true));
    }

    public function testErrorsAreNotKnownAway(): void
    {
        $rig = self::know(Rigs::demo(), 'clash', 'Pack A', 'Batten', stage: 'patch');
        self::assertContains('clash', self::openCodes($rig, 'patch'));
    }

    public function testWhoComesDownIsKnownNoMore(): void
    {
        $rig = self::know(Rigs::demo(), 'shared_button', 'Tape', 'Haar');
        self::assertSame([], self::apply($rig, ['do' => 'remove-unit', 'unit' => Rigs::named($rig, 'Haar')->id])->known);
    }

    public function testAPlaceIsNotOfferedToOneOfWhomSomebodyKnows(): void
    {
        $rig = Rigs::demo();
        // With room for one more, the sharing that nobody knows of is offered it.
        $rig = self::apply($rig, ['do' => 'remove-unit', 'unit' => Rigs::named($rig, 'Spin R')->id]);
        self::assertSame(['Move Panel to 057 (button 5): one ladder trip'], self::offersFor($rig, 'Panel'));
        $rig = self::know($rig, 'shared_button', 'Pack B', 'Panel');
        self::assertSame([], self::offersFor($rig, 'Panel'));
    }

    public function testHeldSlotsAreNobodysToTake(): void
    {
        $rig = self::apply(Rigs::demo(), [
            'do' => 'hold-slots', 'universe' => 1, 'from' => 99, 'to' => 126, 'name' => 'House lights',
        ]);
        $held = array_values(array_filter((new Judge($rig))->findings(), static fn (Finding $one): bool => 'held' === $one->code));
        self::assertSame(
            [
                'Pack B listens in held slots' => '113–116 are held for House lights: what is sent there moves Pack B too, from its '
                    .'Socket 1 (1) on.',
                'Panel listens in held slots' => '117–118 are held for House lights: what is sent there moves Panel too, from its Warm (1) on.',
            ],
            array_combine(
                array_map(static fn (Finding $one): string => Wording::title($one, $rig), $held),
                array_map(static fn (Finding $one): string => Wording::message($one, $rig), $held),
            ),
        );
        foreach (Judge::judged($rig) as $judged) {
            foreach ($judged->proposals as $proposal) {
                self::assertStringNotContainsString('099', $proposal->label);
            }
        }
        // 99 to 126 were 28, of which Pack B and Panel had six already.
        self::assertSame(Rigs::demo()->usage()[0]->used + 28 - 6, $rig->usage()[0]->used);
        $packed = Numbering::of($rig, new NumberingWish(false, 'packed', 10, 1, 1, 0))->proposal();
        self::assertNotNull($packed);
        $after = Changes::apply($packed->changes, $rig, new SmallWorld())->rig;
        foreach ($after->units as $unit) {
            self::assertSame([], $after->holdsUnder($unit), $unit->name);
        }
    }

    public function testSlotsAreHeldOnceAndReleased(): void
    {
        $hold = ['do' => 'hold-slots', 'universe' => 1, 'from' => 201, 'to' => 208, 'name' => 'House lights'];
        $rig = self::apply(Rigs::demo(), $hold);
        try {
            self::apply($rig, ['from' => 208, 'to' => 210, 'name' => 'Bar'] + $hold);
            self::fail('Was held twice');
        } catch (InputError $error) {
            self::assertSame(['changes[0].from', '208 is held for House lights already.'], [$error->field, $error->getMessage()]);
        }
        $id = array_key_first($rig->holds);
        $rig = self::apply($rig, ['do' => 'change-hold', 'hold' => $id, 'to' => 204] + $hold);
        self::assertSame(204, $rig->hold((string) $id)->span->last());
        self::assertSame([], self::apply($rig, ['do' => 'release-slots', 'hold' => $id])->holds);
    }

    public function testAUnitOutOfActionKeepsItsAddressAndIsNotCountedOn(): void
    {
        $rig = Rigs::demo();
        $spin = Rigs::named($rig, 'Spin L');
        $rig = self::apply($rig, ['do' => 'put-out', 'unit' => $spin->id, 'isOut' => true]);
        $missing = array_values(array_filter((new Judge($rig))->findings(), static fn (Finding $one): bool => 'missing' === $one->code));
        self::assertSame('Spin L is out of action', Wording::title($missing[0], $rig));
        self::assertSame(
            'Its light is missing in Tide out, Tide in, Lantern and 2 more.',
            Wording::message($missing[0], $rig),
        );
        $lamps = array_column(CompiledRig::of($rig)->lampsAt([]), null, 'id');
        self::assertSame(LampState::Out, $lamps[$spin->id]->light->state);
        self::assertSame('Spin L is out of action.', LightWords::why($lamps[$spin->id]->causes, 'Spin L'));
        // The other one flashes too fast in Storm still, and says so itself.
        $fast = array_values(array_filter((new Judge($rig))->findings(), static fn (Finding $one): bool => 'fast_flash' === $one->code));
        self::assertSame(Rigs::named($rig, 'Spin R')->id, $fast[0]->word('unit'));
        $plan = Numbering::of($rig, new NumberingWish(false, 'packed', 10, 1, 1, 0))->proposal();
        self::assertNotNull($plan);
        self::assertSame(43, Changes::apply($plan->changes, $rig, new SmallWorld())->rig->unit($spin->id)->place->address);
    }

    public function testWhoIsOutOfActionSitsOnNobody(): void
    {
        $rig = Rigs::demo();
        $rig = self::apply($rig, ['do' => 'put-out', 'unit' => Rigs::named($rig, 'Pack A')->id, 'isOut' => true]);
        self::assertNotContains('clash', self::openCodes($rig, 'patch'));
        $rig = self::apply($rig, ['do' => 'put-out', 'unit' => Rigs::named($rig, 'Pack A')->id, 'isOut' => false]);
        self::assertContains('clash', self::openCodes($rig, 'patch'));
    }

    public function testSocketsAndCellsAreCalledAsTheOperatorDoes(): void
    {
        $rig = Rigs::demo();
        $pack = Rigs::named($rig, 'Pack B');
        $batten = Rigs::named($rig, 'Batten');
        $rig = self::apply($rig, ['do' => 'name-cell', 'unit' => $pack->id, 'cell' => 2, 'name' => 'Lamp over the table']);
        $rig = self::apply($rig, ['do' => 'name-cell', 'unit' => $batten->id, 'cell' => 8, 'name' => 'Right end']);
        self::assertSame(['Socket 1', 'Lamp over the table', 'Socket 3', 'Socket 4'], $rig->unit($pack->id)->labels());
        self::assertSame(['Right end red', 'Right end green', 'Right end blue'], \array_slice($rig->unit($batten->id)->labels(), -3));
        $lamps = array_column(CompiledRig::of($rig)->lampsAt([]), null, 'id');
        self::assertStringContainsString('Lamp over the table (2)', (string) LightWords::why($lamps[$pack->id]->causes, 'Pack B'));
        $rig = self::apply($rig, ['do' => 'name-cell', 'unit' => $pack->id, 'cell' => 2, 'name' => ' ']);
        self::assertSame([], $rig->unit($pack->id)->cellNames);
        $this->expectExceptionMessage('Pack B has no cell 5.');
        self::apply($rig, ['do' => 'name-cell', 'unit' => $pack->id, 'cell' => 5, 'name' => 'x']);
    }

    private static function know(Rig $rig, string $code, string $one, string $other, string $stage = 'desk'): Rig
    {
        $units = [Rigs::named($rig, $one)->id, Rigs::named($rig, $other)->id];

        return self::apply($rig, [
            'do' => 'accept-finding', 'stage' => $stage, 'code' => $code, 'units' => $units, 'note' => 'both in the corner',
        ]);
    }

    /** @param array<string, mixed> $change */
    private static function apply(Rig $rig, array $change): Rig
    {
        return Changes::apply([ChangeReader::read(Json::decode(Json::encode($change)), '')], $rig, self::$world)->rig;
    }

    /** @return list<string> of what is told and not known */
    private static function openCodes(Rig $rig, string ...$stages): array
    {
        $codes = [];
        foreach ((new Judge($rig))->findings() as $finding) {
            if (Severity::Note !== $finding->severity && \in_array($finding->stage, $stages, true)) {
                $codes[] = $finding->code;
            }
        }

        return $codes;
    }

    /** @return list<string> */
    private static function offersFor(Rig $rig, string $unit): array
    {
        $labels = [];
        foreach (Judge::judged($rig) as $judged) {
            foreach ($judged->proposals as $proposal) {
                if (str_contains($proposal->label, $unit)) {
                    $labels[] = $proposal->label;
                }
            }
        }

        return $labels;
    }
}
