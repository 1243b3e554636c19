<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Support;

use PHPUnit\Framework\Assert;

/** A PDF as a printer would get it: read back and measured. */
final readonly class PrintedFile
{
    public const POINT = 25.4 / 72;

    public function __construct(private string $pdf)
    {
    }

    public function text(): string
    {
        return $this->through('pdftotext', '-layout', '-', '-');
    }

    /** @return string "297.0 x 210.0", millimetres */
    public function size(): string
    {
        Assert::assertSame(1, preg_match('/Page size:\s+([\d.]+) x ([\d.]+) pts/', $this->through('pdfinfo', '-'), $points));

        return \sprintf('%.1f x %.1f', (float) $points[1] * self::POINT, (float) $points[2] * self::POINT);
    }

    /** Where each word came out, as pdftotext says it. */
    public function boxes(): string
    {
        return $this->through('pdftotext', '-bbox', '-', '-');
    }

    /**
     * The straight lines of a page, in millimetres of the file itself, from its lower left corner.
     *
     * @return list<array{float, float, float, float}> from x, y to x, y
     */
    public function lines(int $page): array
    {
        // What the converter scales the page by stands in a transform of its own, after the file's own figures.
        preg_match_all(
            '/<path style="fill:none[^>]* d="M ([\d.]+) ([\d.]+) L ([\d.]+) ([\d.]+) "/',
            $this->through('pdftocairo', '-svg', '-f', (string) $page, '-l', (string) $page, '-', '-'),
            $found,
            \PREG_SET_ORDER,
        );

        return array_map(
            static fn (array $row): array => [
                (float) $row[1] * self::POINT,
                (float) $row[2] * self::POINT,
                (float) $row[3] * self::POINT,
                (float) $row[4] * self::POINT,
            ],
            $found,
        );
    }

    private function through(string ...$command): string
    {
        $pipes = [];
        $process = proc_open(array_values($command), [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes);
        Assert::assertIsResource($process);
        fwrite($pipes[0], $this->pdf);
        fclose($pipes[0]);
        $output = (string) stream_get_contents($pipes[1]);
        proc_close($process);

        return $output;
    }
}
