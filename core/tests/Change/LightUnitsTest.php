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
        foreach ($before->units as $unit) {
            $values = self::look($before)->values[$unit->id] ?? null;
            $mode = $unit->at->compiled();
            if (null === $values || null === $mode || null !== $mode->light($values)->selfRunning || \count($mode->mode->cells()) > 1) {
                continue;
            }
            // Saying only how it is mixed leaves what is seen.
            $after = self::lit($unit->name, ['recipe' => 'brightest'], $before);
            [$was, $is] = [self::shows($before, $unit->name), self::shows($after, $unit->name)];
            self::assertEqualsWithDelta($was->brightness, $is->brightness, 0.02, $unit->name);
            if (null !== $was->colour && null !== $is->colour) {
                self::assertLessThan(0.02, Uv::of($was->colour)->distance(Uv::of($is->colour)), $unit->name);
            }
        }
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
        $again = self::apply(['do' => 'record-again', 'look' => self::look($rig)->id, 'slots' => ['1' => 255]], $rig);
        self::assertSame([], self::look($again)->intents);
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
        yield 'too fast for anything' => ['out_of_range', 'flash', ['flash' => 200]];
    }
}
