<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Document\RigReader;
use Rigger\Core\Document\RigWriter;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Profile\Display;

final class RigDocumentTest extends TestCase
{
    private static function demo(): \stdClass
    {
        $document = Json::decode((string) file_get_contents(__DIR__.'/../../../demo/rigs/the-tidekeeper.json'));
        self::assertInstanceOf(\stdClass::class, $document);

        return $document;
    }

    /** As it was written when the format had no later members. */
    private static function ofVersion(int $version): \stdClass
    {
        $document = self::demo();
        $document->version = $version;
        unset($document->runs, $document->van, $document->kits, $document->circuits);
        foreach ($document->fixtures as $fixture) {
            unset($fixture->circuit, $fixture->supply);
        }
        foreach ($document->links as $link) {
            $link->kit = 'Reed Link';
            unset($link->x, $link->y, $link->height);
        }

        return $document;
    }

    public function testIsReadAsItWasWritten(): void
    {
        $rig = RigReader::read(self::demo());
        self::assertEquals($rig, RigReader::read(Json::decode(Json::encode(RigWriter::write($rig)))));
        self::assertCount(14, $rig->units);
    }

    /** @return iterable<string, array{callable(\stdClass): mixed, string, string}> */
    public static function slips(): iterable
    {
        yield 'a chart that is not there' => [
            static fn (\stdClass $rig) => $rig->fixtures[3]->type = 99,
            'out_of_range',
            'fixtures[3].type',
        ];
        yield 'a mode that is not there' => [
            static fn (\stdClass $rig) => $rig->fixtures[0]->mode = 'x',
            'unknown_mode',
            'fixtures[0].mode',
        ];
        yield 'an address past the end' => [
            static fn (\stdClass $rig) => $rig->fixtures[0]->address = 513,
            'address_out_of_range',
            'fixtures[0].address',
        ];
        yield 'a receiver without a link' => [
            static fn (\stdClass $rig) => $rig->fixtures[0]->receiver = 'Alder',
            'not_a_choice',
            'fixtures[0].receiver',
        ];
        yield 'two looks at one place' => [static fn (\stdClass $rig) => $rig->looks[1]->number = 1, 'duplicate', 'looks[1].number'];
        yield 'too few values' => [static fn (\stdClass $rig) => $rig->looks[0]->cells[0]->values = [1], 'values_count', 'looks[0].cells'];
        yield 'a name of 10,000 letters' => [static fn (\stdClass $rig) => $rig->name = str_repeat('a', 10_000), 'out_of_range', 'name'];
        yield 'a name with a line break' => [
            static fn (\stdClass $rig) => $rig->fixtures[2]->name = "a\nb",
            'out_of_range',
            'fixtures[2].name',
        ];
        yield 'held slots that end before they begin' => [
            static fn (\stdClass $rig) => $rig->holds = [(object) ['name' => 'House', 'universe' => 1, 'from' => 8, 'to' => 1]],
            'out_of_range',
            'holds[0].to',
        ];
        yield 'slots held twice' => [
            static fn (\stdClass $rig) => $rig->holds = [
                (object) ['name' => 'House', 'universe' => 1, 'from' => 200, 'to' => 208],
                (object) ['name' => 'Bar', 'universe' => 1, 'from' => 208, 'to' => 209],
            ],
            'duplicate',
            'holds[1].from',
        ];
        yield 'something known of nobody' => [
            static fn (\stdClass $rig) => $rig->known = [(object) ['stage' => 'desk', 'code' => 'hidden', 'fixtures' => [99]]],
            'unknown_fixture',
            'known[0].fixtures',
        ];
        yield 'a cell counted from zero' => [
            static fn (\stdClass $rig) => $rig->fixtures[0]->cellNames = (object) ['0' => 'Left'],
            'unknown_cell',
            'fixtures[0].cellNames.0',
        ];
        yield 'a receiver of a sender that is not there' => [
            static fn (\stdClass $rig) => $rig->receivers = [(object) ['link' => 9, 'label' => 'Box', 'setting' => null]],
            'out_of_range',
            'receivers[0].link',
        ];
        yield 'a shared receiver set to no name of its kit' => [
            static fn (\stdClass $rig) => $rig->receivers = [(object) ['link' => 0, 'label' => 'Box', 'setting' => 'Oak']],
            'not_a_choice',
            'receivers[0].setting',
        ];
        yield 'behind a receiver that is not there' => [
            static fn (\stdClass $rig) => $rig->fixtures[0]->behind = 0,
            'out_of_range',
            'fixtures[0].behind',
        ];
        yield 'fed twice by radio' => [
            static function (\stdClass $rig): void {
                $rig->receivers = [(object) ['link' => 0, 'label' => 'Box', 'setting' => null]];
                $rig->fixtures[0]->link = 0;
                $rig->fixtures[0]->behind = 0;
            },
            'not_a_choice',
            'fixtures[0].behind',
        ];
        yield 'an output for fewer channels than it has' => [
            static fn (\stdClass $rig) => $rig->fixtures[0]->outputs = [1],
            'values_count',
            'fixtures[0].outputs',
        ];
        yield 'two channels on one output' => [
            static fn (\stdClass $rig) => $rig->fixtures[0]->outputs = [1, 2, 2, 3, 4, 5, 6, 7, 8],
            'duplicate',
            'fixtures[0].outputs',
        ];
        yield 'circuits that go round' => [
            static fn (\stdClass $rig) => $rig->circuits = [
                (object) ['name' => 'A', 'amps' => 16, 'from' => 1], (object) ['name' => 'B', 'amps' => 16, 'from' => 0],
            ],
            'loop',
            'circuits[0].from',
        ];
        yield 'plugged into a circuit that is not there' => [
            static fn (\stdClass $rig) => $rig->fixtures[0]->circuit = 9,
            'out_of_range',
            'fixtures[0].circuit',
        ];
        yield 'a lamp on socket nought' => [
            static fn (\stdClass $rig) => $rig->fixtures[0]->supply = (object) ['lamps' => (object) ['0' => 650]],
            'unknown_cell',
            'fixtures[0].supply.lamps.0',
        ];
        yield 'a unit on two runs' => [
            static fn (\stdClass $rig) => $rig->runs[3]->items[0]->fixture = 9,
            'duplicate',
            'runs[3].items[0].fixture',
        ];
        yield 'a run fed by itself' => [
            static function (\stdClass $rig): void {
                $rig->runs[1]->items[] = (object) ['splitter' => 'B', 'outputs' => 2, 'cable' => 'data', 'plugs' => '3-pin', 'ends' => '3-pin'];
                $rig->runs[0]->from = (object) ['run' => 1, 'output' => 1];
            },
            'loop',
            'runs[0].from.run',
        ];
        yield 'a run from a run without a splitter' => [
            static fn (\stdClass $rig) => $rig->runs[1]->from->run = 2,
            'not_a_choice',
            'runs[1].from.run',
        ];
        yield 'an output that the splitter does not have' => [
            static fn (\stdClass $rig) => $rig->runs[1]->from->output = 5,
            'out_of_range',
            'runs[1].from.output',
        ];
        yield 'something behind a splitter' => [
            static fn (\stdClass $rig) => $rig->runs[0]->items[] = (object) [
                'fixture' => 12, 'cable' => 'data', 'plugs' => '3-pin', 'ends' => '3-pin',
            ],
            'after_splitter',
            'runs[0].items[1]',
        ];
        yield 'a cable shorter than nothing' => [
            static fn (\stdClass $rig) => $rig->runs[3]->items[0]->metres = -1,
            'out_of_range',
            'runs[3].items[0].metres',
        ];
        yield 'a member of version 3 in a document of version 2' => [
            static fn (\stdClass $rig) => $rig->version = 2,
            'unknown_member',
            'runs',
        ];
        yield 'what is meant, in a document of version 3' => [
            static function (\stdClass $rig): void {
                $rig->version = 3;
                $rig->looks[0]->cells[0]->intent = (object) ['level' => 1];
            },
            'unknown_member',
            'looks[0].cells[0].intent',
        ];
        yield 'a level that is none' => [
            static fn (\stdClass $rig) => $rig->looks[0]->cells[0]->intent = (object) ['level' => 2],
            'out_of_range',
            'looks[0].cells[0].intent.level',
        ];
        yield 'a newer version' => [static fn (\stdClass $rig) => $rig->version = 5, 'out_of_range', 'version'];
        yield 'a member of version 2 in a document of version 1' => [
            static function (\stdClass $rig): void {
                $rig->version = 1;
                unset($rig->runs, $rig->van, $rig->kits, $rig->circuits);
                $rig->links = [];
                unset($rig->fixtures[12]->link, $rig->fixtures[12]->receiver);
                $rig->holds = [];
            },
            'unknown_member',
            'holds',
        ];
        yield 'a unit\'s member of version 2 in a document of version 1' => [
            static function (\stdClass $rig): void {
                $rig->version = 1;
                unset($rig->runs, $rig->van, $rig->kits, $rig->circuits);
                $rig->links = [];
                unset($rig->fixtures[12]->link, $rig->fixtures[12]->receiver);
                unset($rig->fixtures[0]->circuit);
                $rig->fixtures[0]->out = true;
            },
            'unknown_member',
            'fixtures[0].out',
        ];
        yield 'a member nobody knows' => [static fn (\stdClass $rig) => $rig->note = 'x', 'unknown_member', 'note'];
    }

    /** @param callable(\stdClass): mixed $slip */
    #[DataProvider('slips')]
    public function testRefusesWhatDoesNotHold(callable $slip, string $code, string $field): void
    {
        $document = self::demo();
        $document->version = 4;
        $slip($document);
        try {
            RigReader::read($document);
            self::fail('Was taken');
        } catch (InputError $error) {
            self::assertSame([$code, $field], [$error->errorCode, $error->field]);
        }
    }

    public function testEveryMemberOfVersion2ComesBack(): void
    {
        $document = self::ofVersion(2);
        $document->fixtures[9]->out = true;
        $document->fixtures[10]->cellNames = (object) ['2' => 'Lamp over the table'];
        $document->holds = [(object) ['name' => 'House lights', 'universe' => 1, 'from' => 201, 'to' => 208]];
        $document->known = [(object) ['stage' => 'desk', 'code' => 'shared_button', 'fixtures' => [10, 11], 'note' => 'both white']];
        $rig = RigReader::read($document);
        self::assertEquals($rig, RigReader::read(Json::decode(Json::encode(RigWriter::write($rig)))));
        self::assertSame([true, [2 => 'Lamp over the table']], [$rig->units[9]->isOut, $rig->units[10]->cellNames]);
        self::assertSame([201, 208], [$rig->holds[0]->span->first, $rig->holds[0]->span->last()]);
        self::assertSame([[10, 11], 'both white'], [$rig->known[0]->units, $rig->known[0]->note]);
    }

    public function testADocumentOfVersion1IsReadStill(): void
    {
        $document = self::ofVersion(1);
        self::assertCount(14, RigReader::read($document)->units);
    }

    public function testANewerDocumentIsRefusedInWords(): void
    {
        $document = self::demo();
        $document->version = 5;
        // Whatever else it brings, that it is newer is what its reader should hear of.
        $document->lasers = [];
        try {
            RigReader::read($document);
            self::fail('Was taken');
        } catch (InputError $error) {
            self::assertSame(
                'This document is of version 5 of rigger-rig, and this Rigger reads up to version 4. A newer Rigger wrote it: bring yours up '
                    .'to date to read it.',
                $error->getMessage(),
            );
        }
    }

    public function testNamesMayBeInAnyScript(): void
    {
        $document = self::demo();
        $document->fixtures[0]->name = 'مصباح ١ 🌊';
        self::assertSame('مصباح ١ 🌊', RigReader::read($document)->units[0]->name);
    }

    public function testADisplayShowsTheAddressInItsOwnStyle(): void
    {
        self::assertSame(
            ['d043', '043.', 'A512', null],
            [Display::at('d001', 43), Display::at('001.', 43), Display::at('A001', 512), Display::at(null, 1)],
        );
    }
}
