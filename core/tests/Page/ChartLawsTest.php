<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Page;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Page\ChartReader;
use Rigger\Core\Page\ChartWriter;

/** What is written as a table of text reads back as the same chart, whatever channels it is made of. */
final class ChartLawsTest extends TestCase
{
    use TestTrait;

    /** Channels as manuals word them: a name, and the words of its ranges. */
    private const CHANNELS = [
        ['Dimmer', ['0-100 %']],
        ['Red', ['Red']],
        ['Cold white', ['0-100 %']],
        ['Shutter', ['closed', 'strobe slow to fast, 1-20 Hz', 'pulse slow to fast', 'random strobe', 'open']],
        ['Strobe', ['off', 'slow to fast', 'on']],
        ['Pan', ['540°']],
        ['Tilt', ['230°']],
        ['Pan/Tilt speed', ['fast to slow']],
        ['Colour wheel', ['White', 'Red', 'Amber', 'Congo', 'Red/Amber', 'Rotation clockwise slow to fast', 'Stop']],
        ['Colour macro', ['no function', 'Red', 'Light blue', 'Lavender']],
        ['Gobo', ['Open', 'Seaweed', 'Gobo 2', 'Gobo 2 shake', 'Rotation clockwise']],
        ['Prism', ['no prism', '3-facet prism', 'Prism rotation slow to fast']],
        ['Zoom', ['10°-40°']],
        ['Focus', ['near to far']],
        ['Iris', ['open to closed']],
        ['Frost', ['off', '0-100 %']],
        ['CTO', ['2700K-6500K']],
        ['Programs', ['Off', 'Tide', 'Embers', 'Sound active', 'Reset']],
        ['Program speed', ['slow to fast']],
        ['Microphone sensitivity', ['low to high']],
        ['Mirror motor', ['stop', 'clockwise 1-30 rpm', 'counter-clockwise 1-30 rpm']],
        ['Haze output', ['off', 'low to high']],
        ['Dimmer curve', ['linear', 'square law']],
        ['Not used', ['no function']],
    ];

    public function testWhatIsWrittenReadsBackTheSame(): void
    {
        $this->limitTo(60)->forAll(Generators::seq(Generators::tuple(
            Generators::choose(0, \count(self::CHANNELS) - 1),
            Generators::choose(1, 1000000),
        )))
            ->then(static function (array $picks): void {
                /** @var list<array{int, int}> $picks */
                $modes = ChartReader::read(self::page($picks))->modes;

                self::assertEquals($modes, ChartReader::read(ChartWriter::write($modes))->modes);
            });
    }

    public function testEveryRangeOfThePageIsThere(): void
    {
        $this->limitTo(60)->forAll(Generators::seq(Generators::tuple(
            Generators::choose(0, \count(self::CHANNELS) - 1),
            Generators::choose(1, 1000000),
        )))
            ->then(static function (array $picks): void {
                /** @var list<array{int, int}> $picks */
                $page = self::page($picks);
                $modes = ChartReader::read($page)->modes;
                preg_match_all('/(\d{3})-(\d{3})/', $page, $written, \PREG_SET_ORDER);
                $read = [];
                foreach ($modes[0]->channels ?? [] as $channel) {
                    foreach ($channel->ranges as $range) {
                        $read[] = \sprintf('%03d-%03d', $range->from, $range->to);
                    }
                }

                self::assertSame(array_column($written, 0), $read);
            });
    }

    /** @param list<array{int, int}> $picks a channel and a seed for its edges */
    private static function page(array $picks): string
    {
        $lines = ['9-channel mode'];
        foreach ($picks as $index => [$pick, $seed]) {
            [$name, $words] = self::CHANNELS[$pick];
            $edges = [0];
            for ($step = 1; $step < \count($words); ++$step) {
                $edges[] = min(255 - \count($words) + $step, $edges[$step - 1] + 1 + intdiv($seed, 7 ** $step) % 40);
            }
            $lines[] = \sprintf('CH%d %s', $index + 1, $name);
            foreach ($words as $step => $text) {
                $lines[] = \sprintf('%03d-%03d %s', $edges[$step], ($edges[$step + 1] ?? 256) - 1, $text);
            }
        }

        return implode("\n", $lines);
    }
}
