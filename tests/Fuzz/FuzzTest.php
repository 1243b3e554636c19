<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Fuzz;

use Doctrine\ORM\EntityManagerInterface;
use Nelmio\ApiDocBundle\ApiDocGenerator;
use PHPUnit\Framework\Attributes\IgnoreDeprecations;
use Rigger\App\Tests\Support\ApiTestCase;
use Rigger\Core\Calc\Topics;

/**
 * Thousands of requests that nobody's form sends, made from the API's description. None may be answered with 500, none may touch
 * another rig, and undo leads back to where the rig began. `bin/fuzz` makes fifty thousand of them.
 */
/* A wrong number is turned round by PHP before the serializer tells that it is wrong; PHP remarks on that. */
#[IgnoreDeprecations]
final class FuzzTest extends ApiTestCase
{
    private const REQUESTS = 3000;
    private const SEED = 20261127;
    /** Slow by nature, or about the whole database. */
    private const LEFT_OUT = [
        'DELETE /api/rigs/{id}', 'POST /api/wastebasket/empty', 'POST /api/backups', 'POST /api/backups/upload',
        'POST /api/backups/{name}/restore', 'POST /api/backups/aside/{name}/bring-back',
    ];

    public function testNothingIsAnsweredWith500NothingElseIsTouchedAndUndoLeadsBack(): void
    {
        $count = self::setting('FUZZ_REQUESTS', self::REQUESTS);
        $seed = self::setting('FUZZ_SEED', self::SEED);
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        self::assertInstanceOf(EntityManagerInterface::class, $manager);
        [$rig, $other] = [$this->demoRig(), $this->demoRig()];
        $this->bring('desks/skiff-24');
        $first = $this->document($rig);
        foreach ([$rig, $other] as $one) {
            $this->change($one, 1, ['do' => 'add-receiver', 'link' => $this->ids($one, $other)['link'][0], 'label' => 'Box']);
            $this->change($one, 2, ['do' => 'add-circuit', 'amps' => 16]);
        }
        $untouched = $this->document($other);
        $requests = new Requests($this->description(), new Chance($seed), $this->ids($rig, $other), self::LEFT_OUT);
        self::assertGreaterThan(50, $requests->count());

        $statuses = [];
        for ($number = 1; $number <= $count; ++$number) {
            $manager->clear();
            $version = $this->version($rig);
            $request = $requests->next($version);
            $this->client->request(
                $request['method'],
                $request['uri'],
                server: self::OWN_PAGE + ['CONTENT_TYPE' => $request['type'], 'HTTP_ACCEPT' => 'application/json'],
                content: $request['body'],
            );
            $status = $this->client->getResponse()->getStatusCode();
            self::assertLessThan(
                500,
                $status,
                \sprintf(
                    "Request %d of seed %d: %s %s\n%s\n%s",
                    $number,
                    $seed,
                    $request['method'],
                    $request['uri'],
                    substr($request['body'], 0, 3000),
                    (string) $this->client->getResponse()->getContent(),
                ),
            );
            $statuses[intdiv($status, 100)] = ($statuses[intdiv($status, 100)] ?? 0) + 1;
            if (0 === $number % 50) {
                foreach ($this->ids($rig, $other) as $kind => $ids) {
                    $requests->know($kind, $ids);
                }
            }
        }
        $manager->clear();
        self::assertGreaterThan($count / 50, $statuses[2] ?? 0, 'Requests that get through are the point.');
        self::assertGreaterThan($count / 5, $statuses[4] ?? 0);
        self::assertSame($untouched, $this->document($other), 'A request about one rig has changed another.');
        $made = $this->version($rig) - 1;
        self::assertGreaterThan($count / 100, $made);
        for ($undone = 0; $undone < $made; ++$undone) {
            $manager->clear();
            $this->client->request(
                'POST',
                '/api/rigs/'.$rig.'/changes',
                server: self::OWN_PAGE + ['CONTENT_TYPE' => 'application/json'],
                content: '{"base":'.$this->version($rig).',"changes":[{"do":"undo"}]}',
            );
            if (409 === $this->client->getResponse()->getStatusCode()) {
                self::assertStringContainsString('nothing_to_undo', (string) $this->client->getResponse()->getContent());
                break;
            }
            self::assertSame(200, $this->client->getResponse()->getStatusCode(), (string) $this->client->getResponse()->getContent());
        }
        $manager->clear();
        self::assertSame($first, $this->document($rig), 'Undo has not led back to where the rig began.');
    }

    private static function setting(string $name, int $usual): int
    {
        $set = getenv($name);

        return false === $set ? $usual : (int) $set;
    }

    private function document(string $rig): string
    {
        $this->client->request('GET', '/api/rigs/'.$rig.'/export');

        return (string) $this->client->getResponse()->getContent();
    }

    private function version(string $rig): int
    {
        $version = $this->ask('GET', '/api/rigs/'.$rig.'/version')['version'];
        self::assertIsInt($version);

        return $version;
    }

    /** @return array<string, list<string>> of the rig, and some of another rig's, which it must not be able to use */
    private function ids(string $rig, string $other): array
    {
        $ids = ['rig' => [$rig], 'topic' => Topics::names()];
        foreach ([$rig, $other] as $one) {
            $view = $this->ask('GET', '/api/rigs/'.$one);
            $view['items'] = array_merge(...array_column((array) $view['runs'], 'items'));
            $view['circuits'] = $view['power']['circuits'];
            $view['receivers'] = array_merge(...array_column((array) $view['links'], 'receivers'));
            foreach ([
                'unit' => 'units', 'look' => 'looks', 'link' => 'links', 'support' => 'supports', 'run' => 'runs', 'item' => 'items',
                'receiver' => 'receivers', 'circuit' => 'circuits',
            ] as $kind => $member) {
                self::assertIsArray($view[$member]);
                $ids[$kind] = [...$ids[$kind] ?? [], ...\array_slice(array_column($view[$member], 'id'), 0, $one === $rig ? 40 : 3)];
            }
        }
        $ids['type'] = array_column((array) $this->ask('GET', '/api/types')['types'], 'id');
        $ids['kit'] = array_column((array) $this->ask('GET', '/api/kits')['kits'], 'id');
        $ids['desk'] = array_column((array) $this->ask('GET', '/api/desks')['desks'], 'id');

        /** @var array<string, list<string>> */
        return $ids;
    }

    /** @return array<string, mixed> */
    private function description(): array
    {
        $generator = self::getContainer()->get('nelmio_api_doc.generator.default');
        self::assertInstanceOf(ApiDocGenerator::class, $generator);

        /** @var array<string, mixed> */
        return json_decode($generator->generate()->toJson(), true, 128, \JSON_THROW_ON_ERROR);
    }
}
