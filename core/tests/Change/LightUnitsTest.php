<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Change;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Change\ChangeReader;
use Rigger\Core\Change\Look\SteadyLook;
use Rigger\Core\Colour\SaidColour;
use Rigger\Core\Colour\Uv;
use Rigger\Core\Document\RigDocument;
use Rigger\Core\Document\RigReader;
use Rigger\Core\Document\RigWriter;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Light\CellLight;
use Rigger\Core\Profile\RangeFunction;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Refit;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Tests\Rig\Rigs;
use Rigger\Core\Tests\Rig\SmallWorld;

/** A look by what should be seen: values follow, whatever hangs there. */
final class LightUnitsTest extends TestCase
{
    /** @param array<string, mixed> $change */
    private static function apply(array $change, ?Rig $rig = null): Rig
    {
        return ChangeReader::read(Json::decode(Json::encode($change, \JSON_PRESERVE_ZERO_FRACTION)), '')
            ->applyTo($rig ?? Rigs::demo(), new SmallWorld())->rig;
    }

    /** @param array<string, mixed> $what */
    private static function lit(string $unit, array $what, ?Rig $rig = null): Rig
    {
        $rig ??= Rigs::demo();

        return self::apply(['do' => 'light-units', 'look' => self::look($rig)->id, 'units' => [Rigs::named($rig, $unit)->id]] + $what, $rig);
    }

    private static function look(Rig $rig): Look
    {
        return array_values(array_filter($rig->looks, static fn (Look $look): bool => 'Lantern' === $look->name))[0];
    }

    private static function shows(Rig $rig, string $unit): CellLight
    {
        $one = Rigs::named($rig, $unit);
        $mode = $one->at->compiled();
        self::assertNotNull($mode);

        return $mode->light(self::look($rig)->values[$one->id])->cells[0];
    }

    public function testLevelAndColourAreSeen(): void
    {
        $rig = self::lit('Drum 1', ['level' => 0.5, 'colour' => ['hex' => '#ff8600']]);
        $cell = self::shows($rig, 'Drum 1');
        self::assertEqualsWithDelta(0.5, $cell->intensity, 1 / 255);
        self::assertNotNull($cell->colour);
        self::assertLessThan(
            0.004,
            Uv::of($cell->colour)->distance(Uv::of(SaidColour::read(Json::decode('{"hex":"#ff8600"}'), '')->chromaticity)),
        );
        // Its twin goes along, though only one was named.
        self::assertSame(
            self::look($rig)->values[Rigs::named($rig, 'Drum 1')->id],
            self::look($rig)->values[Rigs::named($rig, 'Drum 2')->id],
        );
    }

    public function testWhatIsNotSaidStays(): void
    {
        $rig = self::lit('Drum 1', ['level' => 0.5, 'colour' => ['hex' => '#ff8600']]);
        $brighter = self::lit('Drum 1', ['level' => 1], $rig);
        self::assertEqualsWithDelta(1, self::shows($brighter, 'Drum 1')->intensity, 1e-9);
        self::assertSame('#ff8600', self::look($brighter)->intents[Rigs::named($rig, 'Drum 1')->id]->colour?->words());
        $plain = self::lit('Drum 1', ['plain' => true], $brighter);
        self::assertNull(self::look($plain)->intents[Rigs::named($rig, 'Drum 1')->id]->colour);
    }

    public function testWhatFadersHadSetIsTakenAsItLooks(): void
    {
        $before = Rigs::demo();
        $tried = 0;
        foreach ($before->units as $unit) {
            $values = self::look($before)->values[$unit->id] ?? null;
            $mode = $unit->at->compiled();
            if (null === $values || null === $mode || null !== $mode->light($values)->selfRunning || \count($mode->mode->cells()) > 1) {
                continue;
            }
            // Saying only how it is mixed leaves what is seen.
            ++$tried;
            $after = self::lit($unit->name, ['recipe' => 'brightest'], $before);
            [$was, $is] = [self::shows($before, $unit->name), self::shows($after, $unit->name)];
            self::assertEqualsWithDelta($was->brightness, $is->brightness, 0.02, $unit->name);
            if (null !== $was->colour && null !== $is->colour) {
                self::assertLessThan(0.02, Uv::of($was->colour)->distance(Uv::of($is->colour)), $unit->name);
            }
        }
        self::assertGreaterThan(8, $tried);
    }

    public function testWhatHasNothingToDoWithLightStays(): void
    {
        $before = Rigs::demo();
        $spin = Rigs::named($before, 'Spin L');
        $turned = self::look($before)->with($spin->id, [200, 0, 90, 0, 0, 0, 0, 0, 0, 0, 0]);
        $rig = self::lit('Spin L', ['level' => 1], $before->withLooks($turned));
        $values = self::look($rig)->values[$spin->id];
        self::assertSame([200, 90], [$values[0], $values[2]]);
        self::assertGreaterThan(0, self::shows($rig, 'Spin L')->brightness);
    }

    public function testAnotherModeAndTypeDoWhatWasMeant(): void
    {
        $rig = self::lit('Drum 1', ['level' => 0.5, 'colour' => ['hex' => '#2060ff']]);
        $drum = Rigs::named($rig, 'Drum 1');
        $five = Refit::becoming($rig, $drum, $drum->revision(), 'five');
        self::assertCount(5, self::look($five)->values[$drum->id]);
        $cell = self::shows($five, 'Drum 1');
        self::assertNotNull($cell->colour);
        self::assertLessThan(0.01, Uv::of($cell->colour)->distance(Uv::of(
            SaidColour::read(Json::decode('{"hex":"#2060ff"}'), '')->chromaticity,
        )));
        $panel = Rigs::named($rig, 'Panel');
        $swapped = Refit::becoming($rig, $drum, $panel->revision(), $panel->mode()->key);
        self::assertGreaterThan(0, self::shows($swapped, 'Drum 1')->brightness);
        self::assertEquals(self::look($rig)->intents, self::look($swapped)->intents);
    }

    public function testLeavingOutAndRecordingAndFlashes(): void
    {
        $rig = self::lit('Drum 1', ['flash' => 5]);
        $id = Rigs::named($rig, 'Drum 1')->id;
        self::assertGreaterThan(3, self::shows($rig, 'Drum 1')->flash);
        $steady = (new SteadyLook(self::look($rig)->id))->applyTo($rig, new SmallWorld())->rig;
        self::assertSame(0.0, self::shows($steady, 'Drum 1')->flash);
        self::assertSame(0.0, self::look($steady)->intents[$id]->flash);
        $out = self::apply(['do' => 'leave-out', 'look' => self::look($rig)->id, 'units' => [$id]], $rig);
        self::assertArrayNotHasKey($id, self::look($out)->values);
        self::assertArrayNotHasKey($id, self::look($out)->intents);
        self::assertArrayNotHasKey(Rigs::named($rig, 'Drum 2')->id, self::look($out)->values);
        $again = self::apply(['do' => 'record-again', 'look' => self::look($rig)->id, 'slots' => ['1' => 255]], $rig);
        self::assertSame([], self::look($again)->intents);
    }

    public function testLooksThatEveryRigNeedsAreMadeForWhateverHangsThere(): void
    {
        $make = static fn (string $what, array $more = []): Rig => self::apply(
            ['do' => 'make-look', 'name' => 'Made', 'bank' => 9, 'number' => 1, 'what' => $what] + $more,
        );
        $look = static fn (Rig $rig): Look => array_values(array_filter($rig->looks, static fn (Look $one): bool => 'Made' === $one->name))[0];
        $lit = static function (Rig $rig) use ($look): int {
            $lit = 0;
            foreach ($rig->units as $unit) {
                $values = $look($rig)->values[$unit->id] ?? null;
                $lit += null !== $values && true !== $unit->at->compiled()?->light($values)->isDark() ? 1 : 0;
            }

            return $lit;
        };
        $lamps = \count(array_filter(Rigs::demo()->units, static fn ($unit): bool => true === $unit->at->compiled()?->canShine()));
        self::assertSame($lamps, $lit($make('working-light')));
        self::assertSame(0, $lit($make('blackout')));
        self::assertSame($lamps, $lit($make('colour', ['colour' => ['hex' => '#ff0000']])));
        $tenth = $make('tenth');
        self::assertSame('tenth', $look($tenth)->made?->value);
        self::assertCount(\count($tenth->units), $look($tenth)->intents);
        // Whoever sets something in it makes it theirs; another mode does not.
        $drum = Rigs::named($tenth, 'Drum 1');
        $mine = self::apply(['do' => 'light-units', 'look' => $look($tenth)->id, 'units' => [$drum->id], 'level' => 1], $tenth);
        self::assertNull($look($mine)->made);
        self::assertNotNull($look(Refit::becoming($tenth, $drum, $drum->revision(), 'five'))->made);
    }

    public function testAResetNamesWhoCanAndLightsNobody(): void
    {
        $rig = self::apply(['do' => 'make-look', 'name' => 'Made', 'bank' => 9, 'number' => 1, 'what' => 'reset']);
        $look = array_values(array_filter($rig->looks, static fn (Look $one): bool => 'Made' === $one->name))[0];
        self::assertNotSame([], $look->values);
        foreach ($look->values as $id => $values) {
            $resets = array_filter(
                $rig->unit($id)->mode()->byOffset(),
                static fn ($channel): bool => RangeFunction::Reset === $channel->rangeAt($values[$channel->offset - 1])?->function,
            );
            self::assertNotSame([], $resets);
        }
    }

    public function testLevelAndColourAreSpreadInTheOrderNamed(): void
    {
        $rig = Rigs::demo();
        $ids = array_map(static fn (string $name): string => Rigs::named($rig, $name)->id, ['Drum 5', 'Drum 1', 'Drum 3']);
        $spread = self::apply([
            'do' => 'light-units', 'look' => self::look($rig)->id, 'units' => $ids,
            'level' => 0.2, 'levelTo' => 0.8, 'colour' => ['hex' => '#ff0000'], 'colourTo' => ['hex' => '#0000ff'],
        ]);
        $intents = self::look($spread)->intents;
        self::assertEqualsWithDelta([0.2, 0.5, 0.8], array_map(static fn (string $id): float => $intents[$id]->level, $ids), 1e-9);
        [$red, $middle, $blue] = array_map(static fn (string $id): Uv => Uv::of($intents[$id]->colour->chromaticity ?? self::fail()), $ids);
        self::assertEqualsWithDelta($red->distance($blue) / 2, $red->distance($middle), 1e-6);
        self::assertEqualsWithDelta($red->distance($middle), $middle->distance($blue), 1e-6);
        self::assertEquals($intents[$ids[1]], $intents[Rigs::named($rig, 'Drum 2')->id]);
    }

    public function testTheLooksOfOneAreGivenToOthers(): void
    {
        $rig = self::lit('Drum 1', ['level' => 0.5, 'colour' => ['hex' => '#ff8600']]);
        [$drum, $third, $spin] = array_map(static fn (string $name): string => Rigs::named($rig, $name)->id, ['Drum 1', 'Drum 3', 'Spin L']);
        $given = self::apply(['do' => 'give-looks', 'from' => $drum, 'units' => [$third, $spin]], $rig);
        foreach ($given->looks as $id => $look) {
            // A unit of the same mode does it to the byte; another shows it as near as it can.
            self::assertSame($look->values[$drum] ?? null, $look->values[$third] ?? null, $look->name);
            self::assertSame(isset($look->values[$drum]), isset($look->values[$spin]), $look->name);
            self::assertSame($rig->looks[$id]->values[$drum] ?? null, $look->values[$drum] ?? null);
        }
        $lantern = self::look($given);
        self::assertEquals($lantern->intents[$drum], $lantern->intents[$spin]);
        self::assertEqualsWithDelta(self::shows($rig, 'Drum 1')->intensity, self::shows($given, 'Spin L')->intensity, 0.01);
    }

    public function testItsOwnLooksAreNotGivenToATwin(): void
    {
        $this->expectExceptionMessage('Drum 1 has its own looks already');
        self::apply([
            'do' => 'give-looks', 'from' => Rigs::named(Rigs::demo(), 'Drum 1')->id, 'units' => [Rigs::named(Rigs::demo(), 'Drum 2')->id],
        ]);
    }

    public function testADocumentKeepsWhatIsMeant(): void
    {
        $rig = self::lit('Drum 1', ['level' => 0.25, 'colour' => ['kelvin' => 3200, 'duv' => 0.002], 'recipe' => 'white-first', 'flash' => 2]);
        $written = Json::encode(RigWriter::write(RigDocument::of($rig)));
        self::assertSame($written, Json::encode(RigWriter::write(RigReader::read(Json::decode($written)))));
        self::assertStringContainsString('"intent":{"level":0.25,"colour":{"kelvin":3200,"duv":0.002},"recipe":"white-first","flash":2}', $written);
    }

    /** @param array<string, mixed> $what */
    #[DataProvider('refused')]
    public function testRefusals(string $code, string $field, array $what): void
    {
        try {
            self::lit('Drum 1', $what);
            self::fail('Was taken');
        } catch (InputError $error) {
            self::assertSame([$code, $field], [$error->errorCode, $error->field]);
        }
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function refused(): iterable
    {
        yield 'brighter than full' => ['out_of_range', 'level', ['level' => 1.5]];
        yield 'black' => ['no_colour', 'colour.hex', ['colour' => ['hex' => '#000000']]];
        yield 'two ways at once' => ['unknown_member', 'colour.hex', ['colour' => ['x' => 0.3, 'y' => 0.3, 'hex' => '#ffffff']]];
        yield 'another recipe' => ['not_a_choice', 'recipe', ['recipe' => 'warm']];
        yield 'a spread without its beginning' => ['missing', 'level', ['levelTo' => 1]];
        yield 'too fast for anything' => ['out_of_range', 'flash', ['flash' => 200]];
    }
}
