<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\App\Tests\Support\ApiTestCase;
use Rigger\App\Tests\Support\PrintedFile;

/** Tape for the desk, measured in the file that the printer gets. */
final class TapeTest extends ApiTestCase
{
    private const MARK = 1.4;

    /** @return iterable<string, array{string, string, string, list<float>}> desk, paper, page size, pitches of the strips on page 1 */
    public static function desks(): iterable
    {
        yield 'fixture buttons on A4' => ['tenfold-10', 'a4', '297.0 x 210.0', [25.0, 19.0]];
        yield 'fixture buttons on Letter' => ['tenfold-10', 'letter', '279.4 x 215.9', [25.0, 19.0]];
        yield 'plain faders, in pieces' => ['skiff-24', 'a4', '297.0 x 210.0', [17.0]];
        yield 'one wide row' => ['rowlock-12', 'a4', '297.0 x 210.0', [22.0]];
        yield 'zones' => ['capstan-4', 'letter', '279.4 x 215.9', [24.0, 22.0]];
    }

    private function rigOn(string $desk): string
    {
        $id = $this->demoRig();
        $this->change($id, 1, ['do' => 'choose-desk', 'desk' => $this->bring('desks/'.$desk)['id']]);

        return '/api/rigs/'.$id;
    }

    /** @param list<float> $pitches */
    #[DataProvider('desks')]
    public function testMarksStandAtTheDesksOwnPitch(string $desk, string $paper, string $size, array $pitches): void
    {
        $path = $this->rigOn($desk);
        $this->client->request('GET', $path.'/tape.pdf?paper='.$paper);
        self::assertResponseIsSuccessful();
        $pdf = new PrintedFile((string) $this->client->getResponse()->getContent());
        self::assertSame($size, $pdf->size());

        $rows = [];
        $ruler = 0.0;
        foreach ($pdf->lines(1) as [$x, $y, $toX, $toY]) {
            if (abs($toX - $x) < 0.01 && abs(abs($toY - $y) - self::MARK) < 0.05) {
                $rows[\sprintf('%.1f', min($y, $toY))][] = $x;
            }
            $ruler = abs($toY - $y) < 0.01 && abs(abs($toX - $x) - 100) < 1 ? abs($toX - $x) : $ruler;
        }
        self::assertEqualsWithDelta(100.0, $ruler, 0.1, 'the ruler');
        self::assertNotSame([], $rows);
        $found = [];
        foreach ($rows as $xs) {
            sort($xs);
            for ($next = 1; $next < \count($xs); ++$next) {
                $nearest = array_filter($pitches, static fn (float $pitch): bool => abs($xs[$next] - $xs[$next - 1] - $pitch) <= 0.1);
                self::assertNotSame([], $nearest, 'a pitch of '.($xs[$next] - $xs[$next - 1]));
                $found += array_fill_keys(array_map(strval(...), $nearest), true);
            }
            // Rounding must not add up from the first fader to the last.
            $pitch = ($xs[\count($xs) - 1] - $xs[0]) / max(1, \count($xs) - 1);
            self::assertNotSame(
                [],
                array_filter(
                    $pitches,
                    static fn (float $one): bool => abs($pitch - $one) <= 0.1 / max(1, \count($xs) - 1) || 1 === \count($xs),
                ),
            );
        }
        self::assertCount(\count($pitches), $found);
    }

    public function testSaysWhatEachFaderDoesAndWhereADimmerIsFull(): void
    {
        $path = $this->rigOn('tenfold-10');
        $this->client->request('GET', $path.'/tape.pdf');
        $text = (new PrintedFile((string) $this->client->getResponse()->getContent()))->text();
        foreach ([
            'Button 1, Page inner: Drum 1 + 2 · 001–007',
            'Dimmer',
            'Shutter',
            'open 211+',
            'full 118',
            'Drawer 1',
            'Tide out',
            'Keys, to cut apart',
            'Memory key',
            'Chase 4',
            'This ruler is 100 mm long',
        ] as $words) {
            self::assertStringContainsString($words, $text);
        }
    }

    public function testLettersAreLegibleFromSixtyCentimetres(): void
    {
        foreach ($this->ask('GET', $this->rigOn('tenfold-10').'/tape')['svg'] as $svg) {
            preg_match_all('/font-size="([\d.]+)" font-weight="700"/', $svg, $sizes);
            foreach ($sizes[1] as $size) {
                // 9 points: capitals of 2.3 mm, 13 minutes of arc.
                self::assertGreaterThanOrEqual(9 * PrintedFile::POINT - 0.01, (float) $size);
            }
        }
    }

    public function testALongRowIsCutBetweenFadersAndTwoRowsArePrintedOnce(): void
    {
        $path = $this->rigOn('skiff-24');
        $this->client->request('GET', $path.'/tape.pdf');
        $text = (new PrintedFile((string) $this->client->getResponse()->getContent()))->text();
        self::assertStringContainsString('piece 1 of 2, laid edge to edge', $text);
        self::assertStringContainsString('Page 2', $text);
        self::assertStringNotContainsString('Button', $text);

        $rows = $this->rigOn('rowlock-12');
        $version = $this->ask('GET', $rows)['version'];
        $this->change($rows, $version, ['do' => 'join-rows', 'isWide' => false]);
        $this->client->request('GET', $rows.'/tape.pdf');
        $text = (new PrintedFile((string) $this->client->getResponse()->getContent()))->text();
        self::assertSame(1, substr_count($text, 'Both rows (print it twice)'));
    }

    public function testEachPageIsADrawingOfItsOwn(): void
    {
        $path = $this->rigOn('tenfold-10');
        $pages = $this->ask('GET', $path.'/tape');
        $this->client->request('GET', $path.'/tape/1.svg');
        self::assertSame('image/svg+xml', $this->client->getResponse()->headers->get('Content-Type'));
        self::assertSame($pages['svg'][0], $this->client->getResponse()->getContent());
        $this->ask('GET', $path.'/tape/'.($pages['count'] + 1).'.svg', null, 404);
        self::assertSame('paper', $this->ask('GET', $path.'/tape?paper=a5', null, 422)['violations'][0]['path']);
    }

    public function testWithoutADeskOrItsMeasureItSaysWhatToDo(): void
    {
        $id = $this->demoRig();
        $kept = $this->ask(
            'POST',
            '/api/desks',
            ['format' => 'rigger-desk', 'version' => 1, 'name' => 'Unmeasured', 'layout' => 'flat', 'faders' => 12],
        );
        $this->change($id, 1, ['do' => 'choose-desk', 'desk' => $kept['id']]);
        self::assertStringContainsString(
            'how many millimetres there are from fader to fader',
            $this->ask('GET', '/api/rigs/'.$id.'/tape', null, 409)['detail'],
        );
        $this->change($id, 2, ['do' => 'choose-desk', 'desk' => null]);
        self::assertSame('no_desk', $this->ask('GET', '/api/rigs/'.$id.'/tape', null, 409)['type']);
    }
}
