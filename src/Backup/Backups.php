<?php

declare(strict_types=1);

namespace Rigger\App\Backup;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Rigger\App\DataFolder;
use Rigger\App\Problem\Problem;

/** The backups in the data folder: made whole and looked over, listed, and made room for. */
final readonly class Backups
{
    /** Of those that were made by themselves so many are kept. */
    public const KEPT = 10;

    public function __construct(
        private DataFolder $folder,
        private Server $server,
        private Connection $database,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<BackupFile> newest first; what cannot be read is left out */
    public function all(): array
    {
        $files = [];
        foreach (array_filter((array) glob($this->folder->backups().'/*.'.BackupFile::ENDING), is_string(...)) as $path) {
            try {
                $files[] = BackupFile::open($path);
            } catch (Problem) {
                continue; // Somebody else's file, or one that is just being copied here.
            }
        }
        usort(
            $files,
            static fn (
                BackupFile $one,
                BackupFile $other,
            ): int => [$other->manifest->at, $other->path] <=> [$one->manifest->at, $one->path],
        );

        return $files;
    }

    /** @throws Problem not_found, bad_backup */
    public function get(string $name): BackupFile
    {
        $path = $this->path($name);
        if (1 !== preg_match('/^[\w.-]{1,120}$/', $name) || !is_file($path)) {
            throw BackupFailed::missing($name);
        }

        return BackupFile::open($path);
    }

    /**
     * The whole database as it is at one moment, into the data folder or the file named; read back and compared before it counts.
     *
     * @throws Problem backup_failed, disk_full, backup_busy
     */
    public function make(Why $why, ?string $path = null): BackupFile
    {
        return $this->alone(function () use ($why, $path): BackupFile {
            $now = $this->clock->now();
            $name = $this->freeName($now, $why);
            $path ??= $this->path($name);
            $dump = $path.'.dump-making';
            try {
                $manifest = $this->dump($dump, $why, $now);
                $file = BackupFile::write($path, $dump, $manifest);
                $this->check($file);
            } finally {
                @unlink($dump);
            }
            $this->makeRoom();

            return $file;
        });
    }

    /** Reads every part of a backup back, as bringing it back would. */
    public function check(BackupFile $file): void
    {
        $dump = $this->folder->backups().'/checking-'.bin2hex(random_bytes(4));
        try {
            $file->unpackTo($dump);
            $process = $this->server->restore(['-f', '/dev/null', $dump], false);
            if (0 !== $process->run()) {
                throw BackupFailed::damaged('the database in it cannot be read.');
            }
        } finally {
            @unlink($dump);
        }
    }

    /** Takes a backup that somebody brings into the folder, looked over first. */
    public function bringIn(string $path): BackupFile
    {
        return $this->alone(function () use ($path): BackupFile {
            $file = BackupFile::open($path);
            $this->check($file);
            $kept = $this->path($this->freeName($this->clock->now(), Why::Brought));
            if (!@copy($path, $kept.'.making')) {
                @unlink($kept.'.making');
                throw BackupFailed::program('Keeping the backup', 'No space left on device');
            }
            chmod($kept.'.making', 0600);
            rename($kept.'.making', $kept);

            return BackupFile::open($kept);
        });
    }

    /** Whether the newest backup was made before today and anything has been done since. */
    public function isDue(): bool
    {
        $newest = $this->all()[0] ?? null;

        return null === $newest
            ? false !== $this->database->fetchOne('SELECT 1 FROM rig LIMIT 1')
            : $newest->manifest->at->setTimezone(new \DateTimeZone(date_default_timezone_get()))->format('Y-m-d')
                !== $this->clock->now()->format('Y-m-d')
                && $newest->manifest->fingerprint !== Holdings::fingerprint($this->database);
    }

    private function dump(string $file, Why $why, \DateTimeImmutable $now): Manifest
    {
        // Dump and manifest see the same moment.
        $this->database->beginTransaction();
        try {
            if (1 === $this->database->getTransactionNestingLevel()) {
                $this->database->executeStatement('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ, READ ONLY');
            }
            $snapshot = $this->database->fetchOne('SELECT pg_export_snapshot()');
            $process = $this->server->dump([
                '-Fc',
                '--no-owner',
                '--no-acl',
                '--no-comments',
                '--exclude-table-data=answered_request',
                '--snapshot='.(\is_string($snapshot) ? $snapshot : ''),
                '-f',
                $file,
                $this->server->database(),
            ]);
            if (0 !== $process->run()) {
                throw BackupFailed::program('Copying the database', $process->getErrorOutput());
            }
            chmod($file, 0600);
            $version = $this->database->fetchOne('SELECT MAX(version) FROM doctrine_migration_versions');

            return new Manifest(
                $why,
                $now,
                \is_string($version) && 1 === preg_match('/(\d+)$/', $version, $number) ? $number[1] : '',
                Holdings::fingerprint($this->database),
                (int) filesize($file),
                (string) sha1_file($file),
                Holdings::in($this->database),
            );
        } finally {
            $this->database->rollBack();
        }
    }

    private function makeRoom(): void
    {
        $automatic = array_values(array_filter($this->all(), static fn (BackupFile $file): bool => $file->manifest->why->isAutomatic()));
        foreach (\array_slice($automatic, self::KEPT) as $old) {
            unlink($old->path);
        }
    }

    /**
     * One backup at a time, in whichever process.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    public function alone(callable $work): mixed
    {
        $folder = $this->folder->backups();
        if (!is_dir($folder)) {
            mkdir($folder, 0700, true);
        }
        $lock = fopen($folder.'/.lock', 'c');
        if (false === $lock || !flock($lock, \LOCK_EX | \LOCK_NB)) {
            throw BackupFailed::busy();
        }
        try {
            return $work();
        } finally {
            fclose($lock);
        }
    }

    private function freeName(\DateTimeImmutable $at, Why $why): string
    {
        $name = $at->format('Y-m-d\THis').'-'.$why->value;
        for ($nth = 2; file_exists($this->path($name)); ++$nth) {
            $name = $at->format('Y-m-d\THis').'-'.$why->value.'-'.$nth;
        }

        return $name;
    }

    private function path(string $name): string
    {
        return $this->folder->backups().'/'.$name.'.'.BackupFile::ENDING;
    }
}
