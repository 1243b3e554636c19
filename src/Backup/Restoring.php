<?php

declare(strict_types=1);

namespace Rigger\App\Backup;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DatabaseException;
use Psr\Clock\ClockInterface;
use Rigger\App\DataFolder;
use Rigger\App\Journal\SchemaVersion;
use Rigger\App\Problem\Problem;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Process\Process;

/**
 * Brings a backup back: it is unpacked into a database beside the present one, brought up to date there, and only then do the two
 * change names, in one transaction. The present database is kept, set aside under a name with the time.
 */
final readonly class Restoring
{
    public const ASIDE = 'rigger_aside_';

    public function __construct(
        private DataFolder $folder,
        private Server $server,
        private Backups $backups,
        private SchemaVersion $schema,
        private Connection $database,
        private ClockInterface $clock,
        #[Autowire('%kernel.project_dir%')] private string $project,
    ) {
    }

    /**
     * @param (callable(Connection): void)|null $beforeSwap writes into the database that is coming, before it takes the present one's place
     *
     * @return string the name under which the present database is set aside
     *
     * @throws Problem bad_backup, newer_backup, no_upkeep, backup_failed, disk_full, backup_busy; then the present stays as it is
     */
    public function restore(BackupFile $file, ?callable $beforeSwap = null): string
    {
        if (!\in_array($file->manifest->schema, $this->schema->known(), true)) {
            throw BackupFailed::newer($file->manifest->schema);
        }

        return $this->backups->alone(function () use ($file, $beforeSwap): string {
            $upkeep = $this->server->upkeep();
            $coming = 'rigger_coming_'.bin2hex(random_bytes(4));
            $dump = $this->folder->backups().'/restoring-'.bin2hex(random_bytes(4));
            try {
                $file->unpackTo($dump);
                $this->create($upkeep, $coming);
                $this->fill($coming, $dump);
                $this->migrate($coming);
                $this->settle($coming, $beforeSwap);

                return $this->swap($upkeep, $coming);
            } catch (\Throwable $problem) {
                $upkeep->executeStatement('DROP DATABASE IF EXISTS '.$coming.' WITH (FORCE)');
                throw $problem;
            } finally {
                @unlink($dump);
                $upkeep->close();
            }
        });
    }

    /**
     * Brings back a database that was set aside; the present one is set aside in its turn.
     *
     * @param (callable(Connection): void)|null $beforeSwap as restore
     *
     * @throws Problem not_found, no_upkeep, backup_busy
     */
    public function bringBack(string $aside, ?callable $beforeSwap = null): string
    {
        return $this->backups->alone(function () use ($aside, $beforeSwap): string {
            $upkeep = $this->server->upkeep();
            try {
                if (!str_starts_with($aside, self::ASIDE) || false === $upkeep->fetchOne(
                    'SELECT 1 FROM pg_database WHERE datname = ?',
                    [$aside],
                )) {
                    throw BackupFailed::missing($aside);
                }
                $this->migrate($aside);
                $this->settle($aside, $beforeSwap);

                return $this->swap($upkeep, $aside);
            } finally {
                $upkeep->close();
            }
        });
    }

    /** @return list<array{name: string, bytes: int}> databases that were set aside, newest first */
    public function aside(): array
    {
        if (!$this->server->hasUpkeep()) {
            return [];
        }
        $upkeep = $this->server->upkeep();
        try {
            /** @var list<array{name: string, bytes: int}> */
            return $upkeep->fetchAllAssociative(
                'SELECT datname AS name, pg_database_size(oid) AS bytes FROM pg_database WHERE starts_with(datname, ?) ORDER BY '
                    .'datname DESC',
                [self::ASIDE],
            );
        } catch (DatabaseException) {
            return [];
        } finally {
            $upkeep->close();
        }
    }

    private function create(Connection $upkeep, string $name): void
    {
        $upkeep->executeStatement('CREATE DATABASE '.$name.' TEMPLATE template0 ENCODING \'UTF8\'');
        $role = $upkeep->quoteSingleIdentifier($this->server->role());
        $upkeep->executeStatement('REVOKE CONNECT, TEMPORARY ON DATABASE '.$name.' FROM PUBLIC');
        $upkeep->executeStatement('GRANT CONNECT, TEMPORARY ON DATABASE '.$name.' TO '.$role);
        $inside = $this->server->upkeep($name);
        $inside->executeStatement('CREATE EXTENSION IF NOT EXISTS pg_trgm');
        $inside->executeStatement('ALTER SCHEMA public OWNER TO '.$role);
        $inside->close();
    }

    private function fill(string $database, string $dump): void
    {
        $process = $this->server->restore(
            ['--exit-on-error', '--single-transaction', '--no-owner', '--no-acl', '--role='.$this->server->role(), '-d', $database, $dump],
            true,
        );
        if (0 !== $process->run()) {
            throw BackupFailed::program('Unpacking the database', $process->getErrorOutput());
        }
    }

    /** In a process of its own: this one is bound to the present database. */
    private function migrate(string $database): void
    {
        $environment = ['DATABASE_URL' => $this->server->urlOf($database), 'RIGGER_DATA' => $this->folder->path, 'APP_DEBUG' => '0'];
        $process = new Process(
            [
                (string) (new \Symfony\Component\Process\PhpExecutableFinder())->find(false),
                $this->project.'/bin/console',
                'doctrine:migrations:migrate',
                '--no-interaction',
                '--allow-no-migration',
            ],
            $this->project,
            $environment,
        );
        $process->setTimeout(600.0);
        if (0 !== $process->run()) {
            throw BackupFailed::program('Bringing the backup up to date', $process->getErrorOutput().$process->getOutput());
        }
    }

    /** @param (callable(Connection): void)|null $beforeSwap */
    private function settle(string $database, ?callable $beforeSwap): void
    {
        $inside = $this->server->upkeep($database);
        if (null !== $beforeSwap) {
            $beforeSwap($inside);
        }
        $inside->executeStatement('ANALYZE');
        $inside->close();
    }

    private function swap(Connection $upkeep, string $coming): string
    {
        $present = $this->server->database();
        $aside = self::ASIDE.$this->clock->now()->setTimezone(new \DateTimeZone('UTC'))->format('Ymd\tHis').'_'.bin2hex(random_bytes(2));
        $this->database->close();
        // Windows connect again at once, so names change as soon as nobody is in; a connection in between makes it wait, never half-done.
        for ($try = 1;; ++$try) {
            $upkeep->executeStatement(
                'SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname IN (?, ?) AND pid <> pg_backend_pid()',
                [$present, $coming],
            );
            $upkeep->beginTransaction();
            try {
                $upkeep->executeStatement('ALTER DATABASE '.$upkeep->quoteSingleIdentifier($present).' RENAME TO '.$aside);
                $upkeep->executeStatement(
                    'ALTER DATABASE '.$upkeep->quoteSingleIdentifier($coming).' RENAME TO '.$upkeep->quoteSingleIdentifier($present),
                );
                $upkeep->commit();

                return $aside;
            } catch (DatabaseException $problem) {
                $upkeep->rollBack();
                if ($try >= 40) {
                    throw BackupFailed::program('Putting the backup in place', $problem->getMessage());
                }
                usleep(50_000);
            }
        }
    }
}
