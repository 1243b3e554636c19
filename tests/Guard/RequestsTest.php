<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Guard;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\App\Tests\Support\ApiTestCase;

/** Requests from elsewhere, of another type, or with what no database can hold. */
final class RequestsTest extends ApiTestCase
{
    /** @return iterable<string, array{array<string, string>, int}> */
    public static function origins(): iterable
    {
        yield 'its own page' => [['HTTP_ORIGIN' => 'http://localhost', 'HTTP_HOST' => 'localhost'], 200];
        yield 'its own page, as the browser says' => [['HTTP_SEC_FETCH_SITE' => 'same-origin'], 200];
        yield 'says nothing' => [[], 403];
        yield 'another page' => [['HTTP_ORIGIN' => 'http://elsewhere.example'], 403];
        yield 'another port of this machine' => [['HTTP_ORIGIN' => 'http://localhost:9999', 'HTTP_SEC_FETCH_SITE' => 'same-site'], 403];
        yield 'no page at all' => [['HTTP_ORIGIN' => 'null'], 403];
        yield 'two that disagree' => [
            ['HTTP_ORIGIN' => 'http://localhost', 'HTTP_HOST' => 'localhost', 'HTTP_SEC_FETCH_SITE' => 'cross-site'],
            403,
        ];
    }

    /** @param array<string, string> $headers */
    #[DataProvider('origins')]
    public function testAWriteSaysWhereItComesFrom(array $headers, int $status): void
    {
        $this->client->request(
            'POST',
            '/api/rigs',
            server: ['CONTENT_TYPE' => 'application/json'] + $headers,
            content: '{"name":"Ebb","venue":"Quay"}',
        );
        self::assertSame($status, $this->client->getResponse()->getStatusCode());
    }

    public function testArithmeticIsForAnybody(): void
    {
        $this->client->request(
            'POST',
            '/api/calc/dip',
            server: ['CONTENT_TYPE' => 'application/json'],
            content: '{"address":37,"switches":9,"base":1}',
        );
        self::assertSame(200, $this->client->getResponse()->getStatusCode());
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function bodies(): iterable
    {
        yield 'a form' => ['application/x-www-form-urlencoded', 'name=Ebb&venue=Quay', 415];
        yield 'a form that says it is text' => ['text/plain', '{"name":"Ebb","venue":"Quay"}', 415];
        yield 'invalid UTF-8' => ['application/json', "{\"name\":\"\xC3\x28\",\"venue\":\"Quay\"}", 422];
        yield 'a null character' => ['application/json', '{"name":"E\u0000bb","venue":"Quay"}', 422];
        yield 'a backslash and a word that looks like one' => ['application/json', '{"name":"E\\\\u0000bb","venue":"Quay"}', 200];
        yield 'JSON with a charset' => ['application/json; charset=utf-8', '{"name":"Ebb","venue":"Quay"}', 200];
        yield 'deep' => ['application/json', str_repeat('[', 100_000), 422];
        yield 'many values' => ['application/json', '['.str_repeat('0,', 1_200_000).'0]', 413];
        yield 'large' => ['application/json', '{"name":"'.str_repeat('x', 17 * 1024 * 1024).'"}', 413];
        yield 'nothing' => ['application/json', '', 422];
    }

    #[DataProvider('bodies')]
    public function testABodyIsLookedAtBeforeAnythingIsMadeOfIt(string $type, string $body, int $status): void
    {
        $this->client->request('POST', '/api/rigs', server: self::OWN_PAGE + ['CONTENT_TYPE' => $type], content: $body);
        self::assertSame(
            $status,
            $this->client->getResponse()->getStatusCode(),
            substr((string) $this->client->getResponse()->getContent(), 0, 400),
        );
        if ($status >= 400) {
            self::assertSame('application/problem+json', $this->client->getResponse()->headers->get('Content-Type'));
        }
    }

    public function testSeveralChangesInOneRequestAreAllMadeOrNone(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $rig = $this->ask('GET', $path);
        $haar = self::unit($rig, 'Haar')['id'];
        $after = $this->change($path, 1, [
            ['do' => 'rename-unit', 'unit' => $haar, 'name' => 'Mist'],
            ['do' => 'move-units', 'units' => [$haar], 'to' => '140'],
            ['do' => 'note-unit', 'unit' => $haar, 'note' => 'by the door'],
            ['do' => 'lock-unit', 'unit' => $haar, 'isLocked' => true],
        ]);
        $unit = self::unit($after, 'Mist');
        self::assertSame([140, 'by the door', true, 2], [$unit['address'], $unit['note'], $unit['isLocked'], $after['version']]);
        self::assertSame(
            'Renamed Haar to Mist; Moved Mist from 130 to 140; Noted something of Mist; Locked Mist: no plan moves it',
            $after['undo'],
        );

        $problem = $this->ask(
            'POST',
            $path.'/changes',
            [
                'base' => 2,
                'changes' => [
                    ['do' => 'rename-unit', 'unit' => $haar, 'name' => 'Fog'],
                    ['do' => 'tape-unit', 'unit' => $haar, 'tape' => 'plaid'],
                ],
            ],
            422,
        );
        self::assertSame('changes[1].tape', $problem['violations'][0]['path']);
        self::assertSame($after, $this->ask('GET', $path));
    }
}
