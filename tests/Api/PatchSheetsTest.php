<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\App\Tests\Support\ApiTestCase;
use Rigger\App\Tests\Support\PrintedFile;

/** The patch on paper, as it is shown and as it prints. */
final class PatchSheetsTest extends ApiTestCase
{
    /** @return iterable<string, array{string, string, string, list<string>}> kind and query, page size in millimetres, words on it */
    public static function sheets(): iterable
    {
        yield 'a list by name' => [
            'list',
            'order=name',
            '297.0 x 210.0',
            ['Pellow Quad Pack, 4-channel', '085 to 088', 'Switches 1 3 5 7 up', 'Secondary safety bond'],
        ];
        yield 'a list on Letter' => ['list', 'paper=letter', '279.4 x 215.9', ['patch list by address']];
        yield 'squares' => ['squares', '', '297.0 x 210.0', ['Universe 1', 'Drum 1 + Drum 2', '512']];
        yield 'strips' => ['labels', 'stock=strips', '210.0 x 297.0', ['Spin L', '043', 'This line is 100 mm long']];
        yield 'an adhesive sheet' => ['labels', 'stock=sheet24&paper=letter', '210.0 x 297.0', ['Spin L', '043–053']];
        yield 'an adhesive sheet on Letter' => ['labels', 'stock=sheet30', '215.9 x 279.4', ['Spin L']];
        yield 'cards' => ['cards', 'order=position', '210.0 x 297.0', ['d001', 'kept it through off and on', 'Hold Enter for 2 s']];
        yield 'a list with what is wrong' => ['list', '', '297.0 x 210.0', ['! Pack A', 'To fix first: Pack A sits on Batten']];
        yield 'cards with what is wrong, letters and keys' => [
            'cards', '', '210.0 x 297.0', ['! To fix first: Pack A sits on', 'Display d: address, 9-channel mode', 'Buttons: Menu, Up, Down'],
        ];
    }

    /** @param list<string> $words */
    #[DataProvider('sheets')]
    public function testEachSheetSaysWhatItShouldAtItsSize(string $kind, string $query, string $size, array $words): void
    {
        $path = '/api/rigs/'.$this->demoRig().'/patch-sheets/'.$kind;
        $this->client->request('GET', $path.'.pdf?'.$query);
        self::assertResponseIsSuccessful();
        $pdf = new PrintedFile((string) $this->client->getResponse()->getContent());
        $text = $pdf->text();
        foreach ($words as $word) {
            self::assertStringContainsString($word, $text);
        }
        self::assertSame($size, $pdf->size());

        $shown = $this->ask('GET', $path.'?'.$query);
        self::assertSame($size, \sprintf('%.1f x %.1f', $shown['width'], $shown['height']));
        self::assertSame(preg_match_all('/\f/', $text), $shown['count']);
        self::assertInstanceOf(\SimpleXMLElement::class, simplexml_load_string($shown['svg'][0]));
    }

    public function testACardHoldsAllItsWordsAndWhoIsOutOfActionHasNone(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $rig = $this->ask('GET', $path);
        $note = implode(' ', array_map(static fn (int $nth): string => 'word'.$nth, range(1, 110)));
        $this->change($path, 1, [
            ['do' => 'note-unit', 'unit' => self::unit($rig, 'Haar')['id'], 'note' => $note],
            ['do' => 'put-out', 'unit' => self::unit($rig, 'Spin L')['id'], 'isOut' => true],
            ['do' => 'hold-slots', 'universe' => 1, 'from' => 201, 'to' => 208, 'name' => 'House lights'],
        ]);
        $text = static fn (self $test, string $kind): string => (new PrintedFile($test->printed($path.'/patch-sheets/'.$kind.'.pdf')))->text();
        $cards = $text($this, 'cards');
        self::assertStringContainsString('word110', $cards);
        self::assertStringNotContainsString('see the manual', $cards);
        self::assertStringContainsString('Out of action tonight: Spin L.', $cards);
        self::assertStringNotContainsString('A043', $cards);
        self::assertStringContainsString('out of action tonight', $text($this, 'list'));
        self::assertStringContainsString('held: House lights', $text($this, 'squares'));
    }

    public function testOnePageStaysOneThing(): void
    {
        $pages = explode("\f", (new PrintedFile($this->printed('/api/rigs/'.$this->demoRig().'/sheets.pdf')))->text());
        foreach ($pages as $page) {
            $things = array_filter(
                ['Patch list', 'Fader map', 'Programming steps'],
                static fn (string $name): bool => str_contains($page, $name),
            );
            self::assertLessThan(2, \count($things), implode(' and ', $things));
        }
    }

    private function printed(string $path): string
    {
        $this->client->request('GET', $path);
        self::assertResponseIsSuccessful();

        return (string) $this->client->getResponse()->getContent();
    }

    /**
     * @return iterable<string, array{string, float, float, float, float}> stock; distance across and down between two labels; left and
     *                                                                     top of the first, in millimetres
     */
    public static function stocks(): iterable
    {
        yield 'strips' => ['strips', 90.0, 24.0, 15.0, 14.0];
        yield '24 on A4' => ['sheet24', 70.0, 37.0, 0.0, 0.5];
        yield '30 on Letter' => ['sheet30', 69.85, 25.4, 4.7625, 12.7];
    }

    #[DataProvider('stocks')]
    public function testLabelsStandWhereTheStockHasThem(string $stock, float $across, float $down, float $left, float $top): void
    {
        $path = '/api/rigs/'.$this->demoRig().'/patch-sheets/labels';
        $this->client->request('GET', $path.'.pdf?stock='.$stock);
        // Where the first letters of the names came out in the printed file.
        $box = (new PrintedFile((string) $this->client->getResponse()->getContent()))->boxes();
        preg_match_all(
            '/<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="[\d.]+" yMax="([\d.]+)">(Drum|Spin|Batten|Pack)</',
            $box,
            $found,
            \PREG_SET_ORDER,
        );
        $points = array_map(
            static fn (array $row): array => [(float) $row[1] / 72 * 25.4, (float) $row[3] / 72 * 25.4],
            array_values(array_filter($found, static fn (array $row): bool => (float) $row[3] - (float) $row[2] > 10)),
        );
        $xs = array_values(array_unique(array_map(static fn (array $point): string => \sprintf('%.1f', $point[0]), $points)));
        $ys = array_values(array_unique(array_map(static fn (array $point): string => \sprintf('%.1f', $point[1]), $points)));
        sort($xs, \SORT_NUMERIC);
        sort($ys, \SORT_NUMERIC);
        self::assertEqualsWithDelta($left + 4, (float) $xs[0], 0.5, 'names begin 4 mm inside');
        self::assertEqualsWithDelta($across, (float) $xs[1] - (float) $xs[0], 0.2);
        self::assertEqualsWithDelta($down, (float) $ys[1] - (float) $ys[0], 0.2);
        self::assertGreaterThan($top, (float) $ys[0]);
        self::assertLessThan($top + $down, (float) $ys[0]);
    }

    public function testOddNamesAndEmptyRigsPrintToo(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $panel = self::unit($this->ask('GET', $path), 'Panel')['id'];
        $this->change($path, 1, ['do' => 'rename-unit', 'unit' => $panel, 'name' => '<b>لوحة & "Ω"</b>'.str_repeat('w', 50)]);
        $empty = '/api/rigs/'.$this->ask('POST', '/api/rigs', ['name' => 'Bare', 'venue' => 'The Boathouse Studio'])['id'];
        foreach (['list', 'squares', 'labels', 'cards'] as $kind) {
            foreach ([$path, $empty] as $rig) {
                self::assertInstanceOf(
                    \SimpleXMLElement::class,
                    simplexml_load_string($this->ask('GET', $rig.'/patch-sheets/'.$kind)['svg'][0]),
                );
            }
        }
        foreach (['paper=a3', 'paper=a5', 'order=size', 'stock=roll'] as $wrong) {
            self::assertSame(
                explode('=', $wrong)[0],
                $this->ask('GET', $path.'/patch-sheets/list?'.$wrong, null, 422)['violations'][0]['path'],
            );
        }
        self::assertSame(1, $this->ask('GET', $path.'/patch-sheets/cards?group=Movers')['count']);
    }
}
