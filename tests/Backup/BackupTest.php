<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Backup;

use PHPUnit\Framework\TestCase;
use Rigger\App\Backup\BackupFile;
use Rigger\App\Backup\Backups;
use Rigger\App\Backup\Restoring;
use Rigger\App\Problem\Problem;
use Rigger\App\Tests\Support\ScratchDatabase;

/** Backups of a real database, by the commands that a person types. */
final class BackupTest extends TestCase
{
    private const DEMO = __DIR__.'/../../demo/rigs/the-tidekeeper.json';

    private ScratchDatabase $database;
    private string $folder;

    protected function setUp(): void
    {
        $this->database = ScratchDatabase::create();
        $this->folder = sys_get_temp_dir().'/rigger-backup-test-'.bin2hex(random_bytes(4));
        mkdir($this->folder.'/backups', 0700, true);
        $this->console(0, 'rigger:migrate');
        $this->console(0, 'rigger:import', self::DEMO);
    }

    protected function tearDown(): void
    {
        $upkeep = $this->database->upkeep();
        foreach ($upkeep->fetchFirstColumn("SELECT datname FROM pg_database WHERE datname LIKE '".Restoring::ASIDE."%' OR datname LIKE 'rigger_coming_%'") as $name) {
            self::assertIsString($name);
            $upkeep->executeStatement('DROP DATABASE '.$name.' WITH (FORCE)');
        }
        $this->database->drop();
        foreach ([...$this->files(), $this->folder.'/backups/.lock'] as $file) {
            @unlink($file);
        }
        @rmdir($this->folder.'/backups');
        @rmdir($this->folder);
    }

    public function testEverythingComesBackAndWhatWasThereIsSetAside(): void
    {
        self::assertStringContainsString('1 rigs, 7 charts', $this->console(0, 'rigger:backup', $this->folder.'/backups/one.rigger'));
        self::assertSame('0600', substr(\sprintf('%o', (int) fileperms($this->folder.'/backups/one.rigger')), -4));
        $this->console(0, 'rigger:import', self::DEMO);
        self::assertSame(2, $this->rigs());

        $shown = $this->console(0, 'rigger:restore', $this->folder.'/backups/one.rigger');
        self::assertStringContainsString('The Tidekeeper (The Boathouse Studio), 14 units, 8 looks', $shown);
        self::assertStringContainsString('Nothing is changed yet', $shown);
        self::assertSame(2, $this->rigs());

        $said = $this->console(0, 'rigger:restore', $this->folder.'/backups/one.rigger', '--yes');
        self::assertSame(1, $this->rigs());
        self::assertSame(1, preg_match('/'.Restoring::ASIDE.'\w+/', $said, $aside));
        self::assertSame(2, $this->rigs($aside[0]));
        // What came back belongs to the application's role, which goes on as before.
        $this->console(0, 'rigger:import', self::DEMO);
        self::assertSame(2, $this->rigs());
    }

    public function testNothingIsWrittenOver(): void
    {
        file_put_contents($this->folder.'/backups/mine.rigger', 'mine');
        self::assertStringContainsString(
            'nothing is written over',
            $this->console(2, 'rigger:backup', $this->folder.'/backups/mine.rigger'),
        );
        self::assertSame('mine', file_get_contents($this->folder.'/backups/mine.rigger'));
    }

    public function testWhatIsDamagedOrNewerIsRefusedAndNothingIsChanged(): void
    {
        $this->console(0, 'rigger:backup', $whole = $this->folder.'/backups/one.rigger');
        $bytes = (string) file_get_contents($whole);
        file_put_contents($cut = $this->folder.'/backups/cut.rigger', substr($bytes, 0, intdiv(\strlen($bytes), 2)));
        self::assertStringContainsString('no backup of Rigger', $this->console(1, 'rigger:restore', $cut, '--yes'));
        // One byte of the database in it is another.
        $other = $bytes;
        $at = intdiv(\strlen($bytes), 2);
        $other[$at] = \chr(\ord($other[$at]) ^ 1);
        file_put_contents($flipped = $this->folder.'/backups/flipped.rigger', $other);
        self::assertStringContainsString('Nothing was changed', $this->console(1, 'rigger:restore', $flipped, '--yes'));
        self::assertStringContainsString(
            'newer Rigger',
            $this->console(1, 'rigger:restore', $this->copy($whole, 'newer', ['schema' => '29990101000000']), '--yes'),
        );
        self::assertSame(1, $this->rigs());
        self::assertFalse($this->database->upkeep()->fetchOne("SELECT 1 FROM pg_database WHERE datname LIKE 'rigger_coming_%'"));
    }

    public function testOfThoseMadeByThemselvesTheLastTenAreKeptAndNoneOfAPersons(): void
    {
        $this->console(0, 'rigger:backup', $whole = $this->folder.'/backups/one.rigger');
        for ($day = 1; $day <= 12; ++$day) {
            $this->copy($whole, 'day-'.$day, ['why' => 'day', 'madeAt' => \sprintf('2026-01-%02dT09:00:00+00:00', $day)]);
            $this->copy($whole, 'hand-'.$day, ['why' => 'hand', 'madeAt' => \sprintf('2025-01-%02dT09:00:00+00:00', $day)]);
        }
        $this->console(0, 'rigger:backup', $this->folder.'/backups/two.rigger');
        $names = array_map(static fn (string $file): string => basename($file, '.rigger'), $this->files());
        self::assertCount(Backups::KEPT, array_filter($names, static fn (string $name): bool => str_starts_with($name, 'day-')));
        self::assertNotContains('day-1', $names);
        self::assertContains('day-12', $names);
        self::assertCount(12, array_filter($names, static fn (string $name): bool => str_starts_with($name, 'hand-')));
    }

    public function testAnOlderDatabaseIsBackedUpBeforeItIsBroughtUpToDate(): void
    {
        $this->console(0, 'doctrine:migrations:migrate', 'prev', '--no-interaction', '--quiet');
        self::assertStringContainsString('Backed up before the change', $this->console(0, 'rigger:migrate'));
        self::assertCount(1, $this->files());
        self::assertSame('migration', BackupFile::open($this->files()[0])->manifest->why->value);
        // Brought back, it is brought up to date on the way.
        $this->console(0, 'rigger:restore', $this->files()[0], '--yes');
        self::assertSame(1, $this->rigs());
        self::assertSame('', trim($this->console(0, 'rigger:migrate')));
    }

    public function testANewerDatabaseIsLeftAlone(): void
    {
        $this->database->upkeep($this->database->name)->executeStatement(
            "INSERT INTO doctrine_migration_versions (version, executed_at) VALUES ('Rigger\\Migrations\\Version29990101000000', now())"
        );
        self::assertStringContainsString('newer Rigger', $this->console(1, 'rigger:migrate'));
    }

    public function testWhatIsNoBackupIsNone(): void
    {
        file_put_contents($file = $this->folder.'/backups/text.rigger', 'text');
        $this->expectException(Problem::class);
        BackupFile::open($file);
    }

    private function rigs(?string $database = null): int
    {
        $count = $this->database->upkeep($database ?? $this->database->name)->fetchOne('SELECT COUNT(*) FROM rig');
        self::assertIsInt($count);

        return $count;
    }

    /** @return list<string> */
    private function files(): array
    {
        return array_values(array_filter((array) glob($this->folder.'/backups/*.rigger'), is_string(...)));
    }

    /** @param array<string, string> $manifest what it says otherwise */
    private function copy(string $file, string $name, array $manifest): string
    {
        $copy = $this->folder.'/backups/'.$name.'.rigger';
        copy($file, $copy);
        $zip = new \ZipArchive();
        $zip->open($copy);
        $said = (array) json_decode((string) $zip->getFromName('manifest.json'), true);
        $zip->addFromString('manifest.json', (string) json_encode($manifest + $said));
        $zip->close();

        return $copy;
    }

    private function console(int $status, string ...$arguments): string
    {
        return $this->database->console($this->folder, [], $status, ...$arguments);
    }
}
