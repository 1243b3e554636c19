<?php

declare(strict_types=1);

namespace Rigger\App\Backup;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;

/**
 * A backup in one file: a zip with manifest.json (what it holds and how to tell that it is whole) and database.dump (the whole
 * database in PostgreSQL's custom format).
 */
final readonly class BackupFile
{
    public const ENDING = 'rigger';
    private const FORMAT = 'rigger-backup';
    private const MANIFEST = 'manifest.json';
    private const DUMP = 'database.dump';
    private const MOST_MANIFEST = 1024 * 1024;

    private function __construct(public string $path, public Manifest $manifest)
    {
    }

    /** Puts a dump and its manifest into one file, synced to the disk before it gets its name. */
    public static function write(string $path, string $dump, Manifest $manifest): self
    {
        $making = $path.'.making';
        $zip = new \ZipArchive();
        if (true !== $zip->open($making, \ZipArchive::CREATE | \ZipArchive::OVERWRITE)) {
            throw BackupFailed::program('Writing the backup', 'the file cannot be made');
        }
        $zip->addFromString(self::MANIFEST, Json::pretty(['format' => self::FORMAT, 'version' => 1] + $manifest->toArray()));
        $zip->addFile($dump, self::DUMP);
        $zip->setCompressionName(self::DUMP, \ZipArchive::CM_STORE);
        if (!@$zip->close()) {
            @unlink($making);
            throw BackupFailed::program(
                'Writing the backup',
                disk_free_space(\dirname($path)) < 1024 * 1024 ? 'No space left on device' : 'the file cannot be written',
            );
        }
        chmod($making, 0600);
        self::sync($making);
        rename($making, $path);

        return self::open($path);
    }

    /** @throws \Rigger\App\Problem\Problem bad_backup */
    public static function open(string $path): self
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($path, \ZipArchive::RDONLY)) {
            throw BackupFailed::damaged('it is damaged, or another kind of file.');
        }
        try {
            $stat = $zip->statName(self::MANIFEST);
            if (false === $stat || $stat['size'] > self::MOST_MANIFEST || false === $zip->statName(self::DUMP)) {
                throw BackupFailed::damaged('it holds no manifest and database.');
            }
            $manifest = Json::decode((string) $zip->getFromName(self::MANIFEST));

            return new self($path, Manifest::read($manifest, self::FORMAT));
        } catch (InputError $error) {
            throw BackupFailed::damaged('its manifest cannot be read ('.$error->getMessage().').');
        } finally {
            $zip->close();
        }
    }

    /**
     * The dump in a file of its own, checked against what the manifest says of it.
     *
     * @throws \Rigger\App\Problem\Problem bad_backup, disk_full
     */
    public function unpackTo(string $file): void
    {
        $zip = new \ZipArchive();
        $zip->open($this->path, \ZipArchive::RDONLY);
        $from = $zip->getStreamName(self::DUMP);
        $to = fopen($file, 'w');
        if (false === $from || false === $to) {
            throw BackupFailed::damaged('its database cannot be read.');
        }
        // What the manifest says is as much as is taken: sizes in a zip may be lies.
        $copied = @stream_copy_to_stream($from, $to, $this->manifest->bytes + 1);
        fclose($from);
        $isWritten = fclose($to);
        $zip->close();
        if (!$isWritten || (false !== $copied && filesize($file) !== $copied)) {
            throw BackupFailed::program('Unpacking the backup', 'No space left on device');
        }
        if ($copied !== $this->manifest->bytes || sha1_file($file) !== $this->manifest->sha1) {
            throw BackupFailed::damaged('what it holds is not what was written into it.');
        }
    }

    public function name(): string
    {
        return basename($this->path, '.'.self::ENDING);
    }

    public function size(): int
    {
        return (int) filesize($this->path);
    }

    private static function sync(string $path): void
    {
        $handle = fopen($path, 'r+');
        if (false === $handle || !fsync($handle)) {
            throw BackupFailed::program('Writing the backup', 'No space left on device');
        }
        fclose($handle);
    }
}
