<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\App\Tests\Support\ApiTestCase;

final class LibraryTest extends ApiTestCase
{
    public function testWhatIsExportedImportsToTheSameAgain(): void
    {
        $id = $this->demoRig();
        $exported = $this->ask('GET', '/api/rigs/'.$id.'/export');
        $again = $this->ask('POST', '/api/import', $exported);
        self::assertSame('rig', $again['kind']);
        self::assertSame($exported, $this->ask('GET', '/api/rigs/'.$again['id'].'/export'));

        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $typeId = self::unit($rig, 'Spin L')['typeId'];
        $chart = $this->ask('GET', '/api/types/'.$typeId.'/export');
        self::assertSame($typeId, $this->ask('POST', '/api/import', $chart)['id']);
        self::assertSame(1, $this->ask('GET', '/api/types/'.$typeId)['revision']);

        $desk = $this->ask('GET', '/api/desks/'.$rig['desk']['id'].'/export');
        self::assertSame($rig['desk']['id'], $this->ask('POST', '/api/import', $desk)['id']);
    }

    public function testAnotherChartOfTheSameNameBecomesTheNextRevision(): void
    {
        $typeId = $this->bring('fixtures/lomas-haar')['id'];
        $chart = $this->ask('GET', '/api/types/'.$typeId.'/export');
        $this->ask('POST', '/api/import', ['watts' => 500] + $chart);
        self::assertSame(2, $this->ask('GET', '/api/types/'.$typeId)['revision']);
        self::assertSame(400, $this->ask('GET', '/api/types/'.$typeId.'?revision=1')['chart']['watts']);
    }

    /** @return iterable<string, array{string, int, string}> body, status, code of the violation or type */
    public static function badDocuments(): iterable
    {
        $chart = (string) file_get_contents(\dirname(__DIR__, 2).'/demo/fixtures/lomas-haar.json');
        yield 'nothing' => ['', 422, 'bad_json'];
        yield 'garbage' => ["\x00\xff\x13", 422, 'bad_json'];
        yield 'cut off' => [substr($chart, 0, 200), 422, 'bad_json'];
        yield 'a list' => ['[]', 422, 'not_a_choice'];
        yield 'another format' => ['{"format":"other"}', 422, 'not_a_choice'];
        yield 'a later version' => [str_replace('"version": 1', '"version": 2', $chart), 422, 'out_of_range'];
        yield 'an unknown member' => [str_replace('"kind"', '"kin"', $chart), 422, 'unknown_member'];
        yield 'too large' => [str_repeat(' ', 20 * 1024 * 1024), 413, 'too_large'];
        $channels = array_map(static fn (int $one): array => ['offset' => 1, 'label' => 'c'.$one], range(1, 10_000));
        $many = [
            'format' => 'rigger-fixture',
            'version' => 1,
            'maker' => 'M',
            'model' => 'N',
            'kind' => 'k',
            'modes' => [['key' => 'a', 'name' => 'a', 'count' => 1, 'channels' => $channels]],
        ];
        yield '10,000 channels' => [(string) json_encode($many), 422, 'out_of_range'];
    }

    #[DataProvider('badDocuments')]
    public function testABadDocumentIsRefusedPlainlyAndNothingIsStored(string $body, int $status, string $code): void
    {
        $before = [$this->ask('GET', '/api/types')['total'], $this->ask('GET', '/api/rigs')['total']];
        $problem = $this->send('POST', '/api/import', $body, $status);
        self::assertSame($code, $problem['violations'][0]['code'] ?? $problem['type']);
        self::assertNotSame('', $problem['detail']);
        self::assertSame($before, [$this->ask('GET', '/api/types')['total'], $this->ask('GET', '/api/rigs')['total']]);
    }

    /** What came of a long request, where PHP found no room to lay the rest of it. */
    public function testARequestThatFoundNoRoomIsToldAsAFullDisk(): void
    {
        $chart = (string) file_get_contents(\dirname(__DIR__, 2).'/demo/fixtures/lomas-haar.json');
        $this->headers = ['CONTENT_LENGTH' => (string) \strlen($chart)];
        self::assertSame('disk_full', $this->send('POST', '/api/import', substr($chart, 0, 200), 507)['type']);
        $this->send('POST', '/api/import', $chart);
    }

    public function testARigWithOneBadLineBringsInNothingOfIt(): void
    {
        $document = json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/demo/rigs/the-tidekeeper.json'), true);
        self::assertIsArray($document);
        $document['looks'][7]['cells'][0]['values'] = [1];
        $before = $this->ask('GET', '/api/types')['total'];
        $this->ask('POST', '/api/import', $document, 422);
        self::assertSame($before, $this->ask('GET', '/api/types')['total']);
    }

    public function testAnEmitterKeyThatIsScriptIsOnlyText(): void
    {
        $key = '<script>alert(1)</script>';
        $document = [
            'format' => 'rigger-fixture',
            'version' => 1,
            'maker' => 'M',
            'model' => 'N',
            'kind' => 'k',
            'emitters' => [['key' => $key, 'x' => 0.3, 'y' => 0.3, 'flux' => 1]],
            'modes' => [],
        ];
        $id = $this->ask('POST', '/api/import', $document)['id'];
        self::assertSame($key, $this->ask('GET', '/api/types/'.$id)['chart']['emitters'][0]['key']);
        self::assertStringContainsString('application/json', (string) $this->client->getResponse()->headers->get('Content-Type'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function documents(): iterable
    {
        foreach (['fixtures' => 'rigger-fixture', 'desks' => 'rigger-desk', 'kits' => 'rigger-kit', 'rigs' => 'rigger-rig'] as $folder => $format) {
            foreach (array_filter((array) glob(\dirname(__DIR__, 2).'/demo/'.$folder.'/*.json'), is_string(...)) as $file) {
                yield basename($file) => [$file, $format];
            }
        }
    }

    #[DataProvider('documents')]
    public function testTheDemoKeepsToThePublishedSchemas(string $file, string $format): void
    {
        $validator = new Validator();
        $validator->resolver()?->registerPrefix('urn:rigger:', \dirname(__DIR__, 2).'/docs/formats/');
        $document = json_decode((string) file_get_contents($file));
        self::assertInstanceOf(\stdClass::class, $document);
        self::assertIsInt($document->version);
        $schema = \sprintf('urn:rigger:%s-%d.schema.json', $format, $document->version);
        $result = $validator->validate($document, $schema);
        self::assertTrue(
            $result->isValid(),
            null === $result->error() ? '' : (string) json_encode((new ErrorFormatter())->format($result->error())),
        );
        $document->surprise = true;
        self::assertFalse($validator->validate($document, $schema)->isValid());
    }
}
