<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Judge;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Change\Proposal;
use Rigger\Core\Curve\Bound;
use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Curve\Curve;
use Rigger\Core\Curve\Shape;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Finding\Wording;
use Rigger\Core\Judge\Judge;
use Rigger\Core\Tests\Rig\Rigs;

/** What is said of the demo, whose rig was made to show a fault of each kind, and of what else can go wrong. */
final class JudgeTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string}> code, what it is about, severity, sentence */
    public static function ofTheDemo(): iterable
    {
        yield 'twins' => [
            'twins',
            'Drum 1 and Drum 2 are twins',
            'note',
            'Both listen to 001–009 in the same mode: 001 is the Dimmer (1) of both, so one fader moves them together.',
        ];
        yield 'a clash' => ['clash', 'Pack A sits on Batten', 'error', '085–088 belong to both.'];
        yield 'a sender that nobody hears' => [
            'no_receiver',
            'Booth right sends to nobody',
            'warning',
            'Booth right sends on Fern, and no receiver is set to it.',
        ];
        yield 'a unit that spills' => [
            'spills',
            'Batten spills over its button',
            'warning',
            'Batten has 27 channels and a button has 14 addresses: its channels 15–27 lie on button 7.',
        ];
        yield 'a look that flashes' => ['fast_flash', 'Storm flashes', 'warning', 'Flashing light over 3 a second can trigger seizures'];
    }

    #[DataProvider('ofTheDemo')]
    public function testEachFaultIsToldInOneSentenceWithItsNumbers(string $code, string $title, string $severity, string $sentence): void
    {
        $rig = Rigs::demo();
        foreach ((new Judge($rig))->findings() as $finding) {
            if ($code === $finding->code && $title === Wording::title($finding, $rig)) {
                self::assertSame($severity, $finding->severity->value);
                self::assertStringContainsString($sentence, Wording::message($finding, $rig));

                return;
            }
        }
        self::fail('Nothing is said of it.');
    }

    public function testEveryFindingHasItsOwnKeyAndKeepsItWhileItStands(): void
    {
        foreach ([Rigs::demo(), ...array_map(Rigs::byChance(...), range(1, 30))] as $rig) {
            $keys = array_map(static fn (Finding $finding): string => $finding->key, (new Judge($rig))->findings());
            self::assertSame($keys, array_values(array_unique($keys)));
            self::assertSame(
                $keys,
                array_map(static fn (Finding $finding): string => $finding->key, (new Judge($rig->renamed('Another')))->findings()),
            );
        }
    }

    public function testNamesStandInTheSentencesAndNoIds(): void
    {
        foreach ([Rigs::demo(), ...array_map(Rigs::byChance(...), range(1, 30))] as $rig) {
            foreach (Judge::judged($rig) as $one) {
                $words = Wording::title($one->finding, $rig).' '.Wording::message($one->finding, $rig).' '.implode(
                    ' ',
                    array_map(static fn (Proposal $proposal): string => $proposal->label, $one->proposals),
                );
                self::assertDoesNotMatchRegularExpression('/(?:unit|link|look|revision)-\d/', $words);
            }
        }
    }

    public function testANewerChartIsToldOncePerType(): void
    {
        $rig = Rigs::demo();
        $type = Rigs::named($rig, 'Drum 1')->revision()->typeId;
        $told = array_values(array_filter(
            (new Judge($rig, [$type => 3]))->findings(),
            static fn (Finding $finding): bool => 'newer_revision' === $finding->code,
        ));
        self::assertCount(1, $told);
        self::assertSame('Drum 6 has revision 3; this rig follows revision 1.', Wording::message($told[0], $rig));
    }

    public function testAFloorThatGlowsAndANumberGivenTwice(): void
    {
        $rig = Rigs::demo();
        $pack = Rigs::named($rig, 'Pack B');
        $curve = new ChannelCurve(1, new Curve(Shape::Linear, 26, 255, Bound::Clamp));
        $rig = $rig->withUnits($pack->bent([$curve])->numbered(7), Rigs::named($rig, 'Haar')->numbered(7));
        $said = array_map(
            static fn (Finding $finding): string => Wording::title($finding, $rig).': '.Wording::message($finding, $rig),
            array_filter(
                (new Judge($rig))->findings(),
                static fn (Finding $finding): bool => \in_array($finding->code, ['glows', 'number_twice'], true),
            ),
        );
        self::assertContains(
            'Pack B glows in a blackout: Pack B still glows in a blackout: with the fader at 0, Socket 1 (1) gets 26, which is 10 '
                .'% of its light.',
            $said,
        );
        self::assertContains(
            'Two units are number 7: Pack B and Haar are called by the same number: whoever hears "7" cannot know which.',
            $said,
        );
    }
}
