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
        yield 'a member nobody knows' => [static fn (\stdClass $rig) => $rig->note = 'x', 'unknown_member', 'note'];
    }

    /** @param callable(\stdClass): mixed $slip */
    #[DataProvider('slips')]
    public function testRefusesWhatDoesNotHold(callable $slip, string $code, string $field): void
    {
        $document = self::demo();
        $slip($document);
        try {
            RigReader::read($document);
            self::fail('Was taken');
        } catch (InputError $error) {
            self::assertSame([$code, $field], [$error->errorCode, $error->field]);
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
