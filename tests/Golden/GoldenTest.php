<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Golden;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\App\Library\Importer;
use Rigger\App\Tests\Support\ApiTestCase;

/**
 * What a rig shows before and after seeded edits, held against what it showed before the spine was redrawn.
 * A change of behaviour that is meant writes them anew: RIGGER_GOLDEN=write.
 */
final class GoldenTest extends ApiTestCase
{
    /** @return iterable<string, array{string, int, int, int}> file, units, universes, edits */
    public static function rigs(): iterable
    {
        yield 'the demo' => ['demo', 0, 0, 90];
        yield 'a hundred units' => ['hundred', 100, 2, 60];
        yield 'five hundred units' => ['five-hundred', 500, 9, 46];
    }

    #[DataProvider('rigs')]
    public function testARigShowsWhatItShowedBeforeTheSpineWasRedrawn(string $file, int $units, int $universes, int $edits): void
    {
        $id = 0 === $units ? $this->demoRig() : $this->import(RigOfMany::document($units, $universes));
        foreach (glob(\dirname(__DIR__, 2).'/demo/desks/*.json') ?: [] as $desk) {
            $this->bring('desks/'.basename($desk, '.json'));
        }
        $desks = array_column($this->ask('GET', '/api/desks')['desks'], 'id', 'name');
        $path = \dirname(__DIR__).'/fixtures/golden/'.$file.'.json.gz';
        $isWriting = 'write' === getenv('RIGGER_GOLDEN');
        $golden = $isWriting ? [] : json_decode((string) gzdecode((string) file_get_contents($path)), true, 512, \JSON_THROW_ON_ERROR);
        $steps = new Steps(20261127 + $units);
        $views = new Views();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $plain = $views->plain($rig);
        $seen = [['view' => $plain]];
        for ($nth = 0; $nth < $edits; ++$nth) {
            $step = $steps->next($rig);
            [$method, $below, $body] = OldDoors::request($rig, $step, $desks);
            $this->client->request($method, '/api/rigs/'.$id.$below, server: self::OWN_PAGE + ['CONTENT_TYPE' => 'application/json'], content: json_encode(['version' => $rig['version']] + $body, \JSON_THROW_ON_ERROR));
            $answer = json_decode((string) $this->client->getResponse()->getContent(), true, 512, \JSON_THROW_ON_ERROR);
            $problem = 200 === $this->client->getResponse()->getStatusCode() ? null : ['status' => $this->client->getResponse()->getStatusCode(), 'type' => $answer['type'], 'detail' => $answer['detail']];
            self::assertNotSame(500, $problem['status'] ?? 0, json_encode([$step, $answer], \JSON_THROW_ON_ERROR));
            $rig = $this->ask('GET', '/api/rigs/'.$id);
            $now = $views->plain($rig);
            $seen[] = ['step' => $step['step'], 'problem' => $problem, 'changed' => Views::difference($plain, $now)];
            $plain = $now;
        }
        if ($isWriting) {
            file_put_contents($path, gzencode(json_encode($seen, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES), 9));
        }
        $seen = json_decode(json_encode($seen, \JSON_THROW_ON_ERROR), true, 512, \JSON_THROW_ON_ERROR);
        foreach ($isWriting ? $seen : $golden as $nth => $one) {
            self::assertEquals($one, $seen[$nth], 'after edit '.$nth.' ('.($one['step'] ?? 'none').')');
        }
    }

    /** @param array<string, mixed> $document */
    private function import(array $document): string
    {
        $importer = self::getContainer()->get(Importer::class);
        self::assertInstanceOf(Importer::class, $importer);

        return $importer->import(json_encode($document, \JSON_THROW_ON_ERROR))->id;
    }
}
