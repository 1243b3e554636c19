<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Sheet;

use PHPUnit\Framework\TestCase;
use Rigger\App\Sheet\Draw\Area;
use Rigger\App\Sheet\Draw\Box;
use Rigger\App\Sheet\Draw\Flow;
use Rigger\App\Sheet\Draw\Page;
use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Draw\PdfPages;
use Rigger\App\Sheet\Draw\Stroke;
use Rigger\App\Sheet\Draw\SvgPage;
use Rigger\App\Sheet\Draw\Type;
use Rigger\App\Sheet\Draw\Words;
use Rigger\App\Tests\Support\PrintedFile;

/** The one drawing layer of all sheets. */
final class DrawTest extends TestCase
{
    public function testAPageIsDrawnTheSameForTheScreenAndThePrinter(): void
    {
        $page = new Page(100, 50);
        $page->add(
            new Stroke(0, 0, 10, 10),
            new Box(10, 10, 5, 5, 190),
            new Area([[1, 2], [3, 4], [5, 6.5]], 40),
            (new Type())->words(20, 20, 'Low & high', 9),
        );
        $svg = simplexml_load_string(SvgPage::of($page));
        self::assertInstanceOf(\SimpleXMLElement::class, $svg);
        self::assertSame('1,2 3,4 5,6.5', (string) $svg->polygon['points']);
        self::assertSame('rgb(40,40,40)', (string) $svg->polygon['fill']);
        self::assertSame('Low & high', (string) $svg->text);
        self::assertCount(2, $svg->rect, 'the paper, and the box');
        $printed = new PrintedFile(PdfPages::of([$page], 'Test'));
        self::assertStringContainsString('Low & high', $printed->text());
        self::assertSame('100.0 x 50.0', $printed->size());
    }

    public function testASectionIsNeverAloneAtTheFootOfAPage(): void
    {
        $flow = new Flow(new Type(), PaperSize::A5, 'Title', 'below');
        while ($flow->left() >= 24) {
            $flow->paragraph('a line');
        }
        $flow->section('Fader map');
        $flow->paragraph('and what it says');
        $flow->lines(['one', 'two'], 9, 4, 30);
        self::assertCount(2, $flow->pages());
        $texts = [];
        foreach ($flow->pages()[1]->marks() as $mark) {
            $texts = $mark instanceof Words ? [...$texts, $mark->text] : $texts;
        }
        self::assertSame(['Fader map', 'and what it says', 'one', 'two'], \array_slice($texts, 2, 4));
    }
}
