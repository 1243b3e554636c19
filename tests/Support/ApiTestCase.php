<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Support;

use Rigger\App\Library\Importer;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Talks to the application over HTTP, on real PostgreSQL; each test's writes are rolled back. */
abstract class ApiTestCase extends WebTestCase
{
    /** As a browser says it of a request from Rigger's own page. */
    protected const OWN_PAGE = ['HTTP_SEC_FETCH_SITE' => 'same-origin'];

    protected KernelBrowser $client;
    /** @var array<string, string> sent with every request, as server variables */
    protected array $headers = [];

    protected function setUp(): void
    {
        $this->client = self::createClient();
        $this->client->disableReboot();
    }

    /** @return string id of a fresh demo rig */
    protected function demoRig(): string
    {
        return $this->bring('rigs/the-tidekeeper')['id'];
    }

    /** @return array{kind: string, id: string, name: string} */
    protected function bring(string $file): array
    {
        $importer = self::getContainer()->get(Importer::class);
        self::assertInstanceOf(Importer::class, $importer);

        return (array) $importer->import((string) file_get_contents(\dirname(__DIR__, 2).'/demo/'.$file.'.json'));
    }

    /** @return array<string, mixed> */
    protected function ask(string $method, string $path, mixed $body = null, int $status = 200): array
    {
        return $this->send($method, $path, null === $body ? '' : json_encode($body, \JSON_THROW_ON_ERROR), $status);
    }

    /**
     * Changes of a rig, through its door.
     *
     * @param string                                                 $rig    id, or "/api/rigs/" and the id
     * @param int                                                    $base   version that they are based on
     * @param array<string, mixed>|list<array<string, mixed>|object> $change one, or several
     *
     * @return array<string, mixed> the rig as it is then; or the problem
     */
    protected function change(string $rig, int $base, array $change, int $status = 200): array
    {
        $answer = $this->changed($rig, $base, $change, $status);

        return 200 === $status ? $this->ask('GET', str_starts_with($rig, '/') ? $rig : '/api/rigs/'.$rig) : $answer;
    }

    /**
     * The same, with the whole answer.
     *
     * @param array<string, mixed>|list<array<string, mixed>|object> $change
     *
     * @return array<string, mixed>
     */
    protected function changed(string $rig, int $base, array $change, int $status = 200): array
    {
        $path = str_starts_with($rig, '/') ? $rig : '/api/rigs/'.$rig;
        $answer = $this->ask(
            'POST',
            $path.'/changes',
            ['base' => $base, 'changes' => array_is_list($change) ? $change : [$change]],
            $status,
        );
        // A single change is to blame at its own members.
        foreach ($answer['violations'] ?? [] as $nth => $violation) {
            $answer['violations'][$nth]['path'] = preg_replace('/^changes\[0\]\.?/', '', $violation['path']);
        }

        return $answer;
    }

    /** @return array<string, mixed> */
    protected function send(string $method, string $path, string $body, int $status = 200): array
    {
        $this->client->request(
            $method,
            $path,
            server: self::OWN_PAGE + ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'] + $this->headers,
            content: $body,
        );
        $answer = (string) $this->client->getResponse()->getContent();
        self::assertSame($status, $this->client->getResponse()->getStatusCode(), $answer);

        /** @var array<string, mixed> */
        return '' === $answer ? [] : json_decode($answer, true, 512, \JSON_THROW_ON_ERROR);
    }

    /**
     * Sends files as a form does.
     *
     * @param array<string, string> $files  text by file name
     * @param string                $member "file" for one, "files" for several
     * @param array<string, string> $fields what else the form says
     *
     * @return array<string, mixed>
     */
    protected function upload(string $path, array $files, string $member, int $status = 200, array $fields = []): array
    {
        $uploads = [];
        foreach ($files as $name => $text) {
            $file = (string) tempnam(sys_get_temp_dir(), 'rigger');
            file_put_contents($file, $text);
            $uploads[] = new UploadedFile($file, (string) $name, null, null, true);
        }
        $this->client->request(
            'POST',
            $path,
            $fields,
            files: [$member => 'file' === $member ? $uploads[0] ?? null : $uploads],
            server: self::OWN_PAGE + ['CONTENT_TYPE' => 'multipart/form-data', 'HTTP_ACCEPT' => 'application/json'] + $this->headers,
        );
        $answer = (string) $this->client->getResponse()->getContent();
        self::assertSame($status, $this->client->getResponse()->getStatusCode(), $answer);

        /** @var array<string, mixed> */
        return json_decode($answer, true, 512, \JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<string, mixed> $rig
     *
     * @return array<string, mixed>
     */
    protected static function unit(array $rig, string $name): array
    {
        return self::named($rig['units'], $name);
    }

    /** @return array<string, mixed> */
    protected static function named(mixed $list, string $name): array
    {
        self::assertIsArray($list);
        foreach ($list as $one) {
            if (\is_array($one) && $name === ($one['label'] ?? $one['name'] ?? null)) {
                return $one;
            }
        }
        self::fail('There is no '.$name);
    }

    /**
     * @param array<string, mixed> $rig
     *
     * @return list<string>
     */
    protected static function codes(array $rig, string $stage): array
    {
        self::assertIsArray($rig['findings']);

        return array_values(array_map(
            static fn (array $finding): string => $finding['severity'].' '.$finding['code'],
            array_filter($rig['findings'], static fn (array $finding): bool => $stage === $finding['stage']),
        ));
    }
}
