<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Page;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Input\InputError;
use Rigger\Core\Page\ChartReader;

/** Pages in many typographic forms, each beside what is read from it. */
final class ChartReaderTest extends TestCase
{
    private const PAGES = __DIR__.'/pages';

    /** @return iterable<string, array{string, string}> */
    public static function pages(): iterable
    {
        foreach (array_filter((array) glob(self::PAGES.'/*.txt'), is_string(...)) as $file) {
            yield basename($file, '.txt') => [$file, substr($file, 0, -4).'.chart'];
        }
    }

    #[DataProvider('pages')]
    public function testAPageIsRead(string $page, string $chart): void
    {
        self::assertSame((string) file_get_contents($chart), ReadingText::of(ChartReader::read((string) file_get_contents($page))));
    }

    #[DataProvider('pages')]
    public function testTheLineEndsAndTheBlanksAroundALineDoNotMatter(string $page, string $chart): void
    {
        $text = (string) file_get_contents($page);

        self::assertEquals(ChartReader::read($text), ChartReader::read(str_replace("\n", "  \r\n", $text)));
    }

    public function testATextOfMoreThanTwoThousandLinesIsRefused(): void
    {
        $this->expectExceptionObject(InputError::because(
            'out_of_range',
            'text',
            'The text has 2,001 lines; a chart of at most 2,000 is read. Paste the pages that hold the chart.',
        ));

        ChartReader::read(str_repeat("CH1 Dimmer 0-255\n", 2000).'CH2 Red 0-255');
    }

    public function testTwoThousandLinesAreRead(): void
    {
        $reading = ChartReader::read("CH1 Gobo\n".str_repeat("000-255 Seaweed\n", 1999));

        self::assertCount(1, $reading->modes[0]->channels);
    }

    /** @return iterable<string, array{string}> */
    public static function garbage(): iterable
    {
        yield 'nothing' => [''];
        yield 'blanks' => ["  \n\t\n"];
        yield 'a line of 100,000 letters' => [str_repeat('0-9 off ', 12500)];
        yield 'brackets' => [str_repeat('([', 900)];
        yield 'digits' => [str_repeat('1 ', 500)];
        yield 'strokes' => [str_repeat('|', 900)."\n".str_repeat(';', 900)];
    }

    #[DataProvider('garbage')]
    public function testGarbageGivesNothingButRemarks(string $text): void
    {
        $reading = ChartReader::read($text);

        self::assertSame([], array_merge(...array_map(static fn ($mode): array => $mode->channels, $reading->modes)));
    }

    public function testBytesThatAreNoTextDoNoHarm(): void
    {
        mt_srand(7);
        $bytes = '';
        for ($index = 0; $index < 20000; ++$index) {
            $bytes .= \chr(mt_rand(0, 255));
        }

        self::assertNotSame([], ChartReader::read($bytes)->remarks);
    }

    public function testWhatThePageLeavesOutStaysAGap(): void
    {
        $reading = ChartReader::read("CH2 Strobe\n20-29 slow\n40-49 fast");

        self::assertSame([2], array_map(static fn ($channel): int => $channel->offset, $reading->modes[0]->channels));
        self::assertSame(
            [[20, 29], [40, 49]],
            array_map(static fn ($range): array => [$range->from, $range->to], $reading->modes[0]->channels[0]->ranges),
        );
    }
}
