<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\App\Tests\Support\ApiTestCase;

/** Charts in and out as lists and as archives of DIN SPEC 15800; many files at once; and files that are traps. */
final class ExchangeTest extends ApiTestCase
{
    public function testAListReadsBackAsTheSameRevision(): void
    {
        $id = $this->bring('fixtures/lomas-haar')['id'];
        $chart = $this->ask('GET', '/api/types/'.$id)['chart'];
        unset($chart['unit']);
        $plain = $this->ask('POST', '/api/import', ['model' => 'Haar Two'] + $chart)['id'];
        $list = $this->download('/api/types/'.$plain.'/export?as=csv');

        self::assertStringStartsWith('maker,model,kind', $list);
        $report = $this->upload('/api/imports', ['haar.csv' => $list], 'files');
        self::assertSame([$plain, null], [$report['results'][0]['done']['id'], $report['results'][0]['problem']]);
        self::assertSame(1, $this->ask('GET', '/api/types/'.$plain)['revision']);
    }

    public function testAnArchiveReadsBackAndIsWrittenTheSame(): void
    {
        $id = $this->bring('fixtures/skerry-spin-40')['id'];
        $archive = $this->download('/api/types/'.$id.'/export?as=device');
        self::assertStringStartsWith("PK\x03\x04", $archive);
        self::assertSame($archive, $this->download('/api/types/'.$id.'/export?as=device'));

        $report = $this->upload('/api/imports', ['spin.gdtf' => $archive], 'files');
        self::assertNull($report['results'][0]['problem']);
        self::assertSame([11, 16], array_column($this->ask('GET', '/api/types/'.$id)['chart']['modes'], 'count'));
    }

    public function testOneBadFileKeepsNoneOfTheOthersBack(): void
    {
        $fixture = static fn (string $name): string => (string) file_get_contents(\dirname(__DIR__, 2).'/demo/fixtures/'.$name.'.json');
        $report = $this->upload(
            '/api/imports',
            [
                'a.json' => $fixture('lomas-haar'),
                'b.json' => '{"format":',
                'c.json' => str_replace('"Haar"', '"Haar 3"', $fixture('lomas-haar')),
                'd.csv' => "maker,model,mode,channel\nLomas,,two,1\n",
            ],
            'files',
        );

        self::assertSame(
            [true, false, true, false],
            array_map(static fn (array $result): bool => null === $result['problem'], $report['results']),
        );
        self::assertStringContainsString('row 2', $report['results'][3]['problem']);
        self::assertSame(['Haar', 'Haar 3'], array_column($this->ask('GET', '/api/types?search=haar')['types'], 'model'));
    }

    public function testTooManyFilesAtATimeAreRefused(): void
    {
        $this->upload(
            '/api/imports',
            array_fill_keys(array_map(static fn (int $one): string => $one.'.json', range(1, 51)), '{}'),
            'files',
            422,
        );
        $this->upload('/api/imports', [], 'files', 422);
    }

    /** @return iterable<string, array{callable(\ZipArchive): mixed, string}> */
    public static function traps(): iterable
    {
        $xml = '<GDTF DataVersion="1.1"><FixtureType Name="Trap" Manufacturer="Sedge"><DMXModes/></FixtureType></GDTF>';
        yield 'no description' => [static fn (\ZipArchive $zip) => $zip->addFromString('readme.txt', 'Tide'), 'no description.xml'];
        yield 'a path that leads out' => [static function (\ZipArchive $zip) use ($xml): void {
            $zip->addFromString('description.xml', $xml);
            $zip->addFromString('../../outside.txt', 'Tide');
        }, 'leads out of it'];
        yield 'an absolute path' => [static function (\ZipArchive $zip) use ($xml): void {
            $zip->addFromString('description.xml', $xml);
            $zip->addFromString('/etc/outside', 'Tide');
        }, 'leads out of it'];
        yield 'packed too tightly' => [
            static fn (\ZipArchive $zip) => $zip->addFromString('description.xml', str_repeat('A', 30 * 1024 * 1024)),
            'trap',
        ];
        yield 'too many files' => [static function (\ZipArchive $zip): void {
            for ($index = 0; $index < 600; ++$index) {
                $zip->addFromString('wheels/'.$index.'.png', '');
            }
        }, '600 files'];
        yield 'an external entity' => [
            static fn (\ZipArchive $zip) => $zip->addFromString(
                'description.xml',
                '<!DOCTYPE GDTF [<!ENTITY x SYSTEM "file:///etc/hostname">]><GDTF><FixtureType Name="&x;"/></GDTF>',
            ),
            'document type',
        ];
        yield 'no XML' => [static fn (\ZipArchive $zip) => $zip->addFromString('description.xml', 'Tide'), 'no well-formed XML'];
    }

    /** @param callable(\ZipArchive): mixed $fill */
    #[DataProvider('traps')]
    public function testATrapIsRefusedAndNothingIsStored(callable $fill, string $words): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'rigger');
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::OVERWRITE);
        $fill($zip);
        $zip->close();
        $before = $this->ask('GET', '/api/types')['total'];
        $result = $this->upload('/api/imports', ['trap.gdtf' => (string) file_get_contents($file)], 'files')['results'][0];

        self::assertStringContainsString($words, (string) $result['problem']);
        self::assertSame($before, $this->ask('GET', '/api/types')['total']);
    }

    public function testADamagedArchiveIsRefused(): void
    {
        self::assertStringContainsString(
            'damaged',
            (string) $this->upload('/api/imports', ['x.gdtf' => "PK\x03\x04 and then nothing"], 'files')['results'][0]['problem'],
        );
    }

    /** @return iterable<string, array{string, string|null, string}> the file, its text, or words of the refusal */
    public static function pages(): iterable
    {
        yield 'plain text' => ["CH1 Dimmer\n", "CH1 Dimmer\n", ''];
        yield 'Windows-1252' => ["540\xB0\n", "540°\n", ''];
        yield 'UTF-16 with a mark' => ["\xFF\xFEC\x00H\x001\x00", 'CH1', ''];
        yield 'bytes' => ["\x89PNG\r\n\x1a\n\x00\x00\x00\x0d", null, 'holds no text'];
        yield 'nothing' => ['', null, 'is empty'];
        yield 'a broken PDF' => ["%PDF-1.4\nnonsense", null, 'damaged'];
    }

    #[DataProvider('pages')]
    public function testTheTextOfAFileIsShownOrItIsSaidWhyNot(string $bytes, ?string $text, string $words): void
    {
        $answer = $this->upload('/api/charts/text', ['page.txt' => $bytes], 'file', null === $text ? 422 : 200);
        null === $text ? self::assertStringContainsString($words, $answer['detail']) : self::assertSame($text, $answer['text']);
    }

    public function testTheTextOfAPdfIsRead(): void
    {
        $pdf = new \TCPDF();
        $pdf->AddPage();
        $pdf->setFont('dejavusanscondensed', '', 10);
        $pdf->MultiCell(0, 0, "CH1 Dimmer 000-255\nCH2 Red 000-255");
        $text = $this->upload('/api/charts/text', ['chart.pdf' => $pdf->Output('', 'S')], 'file')['text'];

        self::assertMatchesRegularExpression('/CH2 +Red +000-255/', $text);
    }

    public function testTheCardIsAPageOfItsSize(): void
    {
        $id = $this->bring('fixtures/marram-drum-6')['id'];
        foreach (['a5' => '/MediaBox [0.000000 0.000000 419.5', 'a4' => '/MediaBox [0.000000 0.000000 595.2'] as $size => $box) {
            $pdf = $this->download('/api/types/'.$id.'/card.pdf?size='.$size);
            self::assertStringStartsWith('%PDF-', $pdf);
            self::assertStringContainsString($box, $pdf);
        }
        $this->ask('GET', '/api/types/'.$id.'/card.pdf?size=a6', status: 422);
    }

    private function download(string $path): string
    {
        $this->client->request('GET', $path);
        self::assertSame(200, $this->client->getResponse()->getStatusCode());

        return (string) $this->client->getResponse()->getContent();
    }
}
