<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Upgrade;

use DAMA\DoctrineTestBundle\PHPUnit\SkipDatabaseRollback;
use Rigger\App\Journal\SchemaVersion;
use Rigger\App\Tests\Support\ApiTestCase;
use Rigger\App\Tests\Support\ScratchDatabase;

/**
 * A database that commit f48ab07 wrote: the demo with forty changes of every kind, and a second rig with two changes undone. It opens
 * under the newest code, and its old changes are undone and done again.
 */
#[SkipDatabaseRollback]
final class UpgradeTest extends ApiTestCase
{
    private const WRITTEN_BY = 'f48ab07';
    private const WRITTEN_UNDER = '20261123000005';

    private static ScratchDatabase $database;
    private static string $usual;

    public static function setUpBeforeClass(): void
    {
        self::$database = ScratchDatabase::create();
        self::$database->load((string) gzdecode((string) file_get_contents(self::file('.sql.gz'))));
        self::$database->console(sys_get_temp_dir(), [], 0, 'doctrine:migrations:migrate', '--no-interaction', '--quiet');
    }

    protected function setUp(): void
    {
        $usual = $_SERVER['DATABASE_URL'] ?? '';
        self::$usual = \is_string($usual) ? $usual : '';
        $_SERVER['DATABASE_URL'] = $_ENV['DATABASE_URL'] = self::$database->url;
        parent::setUp();
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        $_SERVER['DATABASE_URL'] = $_ENV['DATABASE_URL'] = self::$usual;
    }

    public static function tearDownAfterClass(): void
    {
        self::$database->drop();
    }

    public function testItOpensAsItWasAndItsChangesAreUndoneAndDoneAgain(): void
    {
        $id = $this->rig('The Tidekeeper, touring');
        $path = '/api/rigs/'.$id;
        self::assertSame(self::state('-last.json'), self::held($this->ask('GET', $path.'/export')));
        $total = $this->ask('GET', $path.'/changes')['total'];
        self::assertSame(40, $total);
        for ($turn = 0; $turn < $total; ++$turn) {
            $this->change($path, $this->ask('GET', $path.'/version')['version'], ['do' => 'undo']);
        }
        self::assertNull($this->ask('GET', $path)['undo']);
        self::assertSame(self::state('-first.json'), self::held($this->ask('GET', $path.'/export')));
        for ($turn = 0; $turn < $total; ++$turn) {
            $this->change($path, $this->ask('GET', $path.'/version')['version'], ['do' => 'redo']);
        }
        self::assertSame(self::state('-last.json'), self::held($this->ask('GET', $path.'/export')));
    }

    public function testWhatStoodUndoneIsDoneAgain(): void
    {
        $id = $this->rig('The Tidekeeper');
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        self::assertSame('Renamed Tape 0 to Tape 1', $rig['redo']);
        $rig = $this->change($id, $rig['version'], ['do' => 'redo']);
        self::assertSame('Renamed Tape 1 to Tape 2', $rig['redo']);
        self::assertSame('Tape 1', self::unit($rig, 'Tape 1')['name']);
    }

    public function testEachEntryKnowsTheSchemaItWasWrittenUnder(): void
    {
        $id = $this->rig('The Tidekeeper');
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $this->change($id, $rig['version'], ['do' => 'rename-rig', 'name' => 'The Ebb']);
        $schema = self::getContainer()->get(SchemaVersion::class);
        self::assertInstanceOf(SchemaVersion::class, $schema);
        $connection = self::getContainer()->get('doctrine.dbal.default_connection');
        self::assertInstanceOf(\Doctrine\DBAL\Connection::class, $connection);
        self::assertSame(
            [self::WRITTEN_UNDER, $schema->newest()],
            $connection->fetchFirstColumn('SELECT DISTINCT schema_version FROM change WHERE rig_id = ? ORDER BY 1', [$id]),
        );
    }

    private function rig(string $name): string
    {
        $id = self::named($this->ask('GET', '/api/rigs')['rigs'], $name)['id'];
        self::assertIsString($id);

        return $id;
    }

    /** @return array<string, mixed> */
    private static function state(string $ending): array
    {
        /** @var array<string, mixed> $document */
        $document = json_decode((string) file_get_contents(self::file($ending)), true, 512, \JSON_THROW_ON_ERROR);

        return self::held($document);
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed> without the version that it states: what was written then stands in a newer one now, with links of
     *                              kits that are described, not named
     */
    private static function held(array $document): array
    {
        foreach ($document['links'] as $index => $link) {
            $document['links'][$index]['kit'] = $document['kits'][$link['kit']]['name'] ?? $link['kit'];
        }
        unset($document['version'], $document['kits']);
        ksort($document);

        return $document;
    }

    private static function file(string $ending): string
    {
        return \dirname(__DIR__).'/fixtures/upgrade/'.self::WRITTEN_BY.$ending;
    }
}
