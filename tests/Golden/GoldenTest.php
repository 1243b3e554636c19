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
        foreach ((array) glob(\dirname(__DIR__, 2).'/demo/desks/*.json') as $desk) {
            $this->bring('desks/'.basename((string) $desk, '.json'));
        }
        $desks = array_column($this->ask('GET', '/api/desks')['desks'], 'id', 'name');
        $path = \dirname(__DIR__).'/fixtures/golden/'.$file.'.json.gz';
        $isWriting = 'write' === getenv('RIGGER_GOLDEN');
        $golden = $isWriting ? [] : json_decode((string) gzdecode((string) file_get_contents($path)), true, 512, \JSON_THROW_ON_ERROR);
        $steps = new Steps(20261127 + $units, $desks, $this->bring('kits/reed-link')['id']);
        $views = new Views();
        $rig = $this->rig('/api/rigs/'.$id);
        $plain = $views->plain($rig);
        $seen = [['view' => $plain]];
        for ($nth = 0; $nth < $edits; ++$nth) {
            [$kind, $step] = $steps->next($rig);
            $problem = $this->make('/api/rigs/'.$id, $rig, $step);
            self::assertNotSame(500, $problem['status'] ?? 0, json_encode([$kind, $problem], \JSON_THROW_ON_ERROR));
            $rig = $this->rig('/api/rigs/'.$id);
            $now = $views->plain($rig);
            $seen[] = ['step' => $kind, 'problem' => $problem, 'changed' => Views::difference($plain, $now)];
            $plain = $now;
        }
        if ($isWriting) {
            file_put_contents(
                $path,
                gzencode(json_encode($seen, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES)),
            );
        }
        $seen = json_decode(json_encode($seen, \JSON_THROW_ON_ERROR), true, 512, \JSON_THROW_ON_ERROR);
        foreach ($isWriting ? $seen : $golden as $nth => $one) {
            // A repair and what takes it back are said in the words of the changes they are made of by now.
            unset($one['changed']['undo'], $one['changed']['redo'], $seen[$nth]['changed']['undo'], $seen[$nth]['changed']['redo']);
            self::assertEquals($one, $seen[$nth], 'after edit '.$nth.' ('.($one['step'] ?? 'none').')');
        }
    }

    /**
     * @param array<string, mixed>                            $rig  the view before
     * @param list<array<string, mixed>>|array<string, mixed> $step changes, or the wish for a plan
     *
     * @return array<string, mixed>|null what was wrong
     */
    private function make(string $path, array $rig, array $step): ?array
    {
        $changes = array_is_list($step) ? $step : $this->ask('POST', $path.'/plan/preview', $step)['take']['changes'];
        $body = json_encode(['base' => $rig['version'], 'changes' => $changes], \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
        $this->client->request('POST', $path.'/changes', server: self::OWN_PAGE + ['CONTENT_TYPE' => 'application/json'], content: $body);
        $answer = json_decode((string) $this->client->getResponse()->getContent(), true, 512, \JSON_THROW_ON_ERROR);
        $status = $this->client->getResponse()->getStatusCode();
        if (200 === $status) {
            // What differs, laid over what was there, is the whole.
            self::assertSame($this->rig($path), Views::merged($rig, $answer['changed']), $body);
        }

        return 200 === $status ? null : ['status' => $status, 'type' => $answer['type'], 'detail' => $answer['detail']];
    }

    /** @return array<string, mixed> the whole view, as a window holds it */
    private function rig(string $path): array
    {
        $rig = $this->ask('GET', $path);

        $rig['findings'] = Views::withUnits($rig['findings'], $rig['units']);

        return $rig;
    }

    /** @param array<string, mixed> $document */
    private function import(array $document): string
    {
        $importer = self::getContainer()->get(Importer::class);
        self::assertInstanceOf(Importer::class, $importer);

        return $importer->import(json_encode($document, \JSON_THROW_ON_ERROR))->id;
    }
}
