<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Rigger\App\Problem\Problem;
use Rigger\Core\Device\DescriptionReader;
use Rigger\Core\Device\DescriptionWriter;
use Rigger\Core\Device\DeviceReading;
use Rigger\Core\Input\Splitting;
use Rigger\Core\Profile\FixtureProfile;

/**
 * The archive of DIN SPEC 15800: a zip with description.xml, pictures and models. Only the description is ever unpacked, into
 * memory and up to a limit; names that lead out of the archive, too many files or too much packed into little are refused unread.
 */
final class DeviceArchive
{
    private const DESCRIPTION = 'description.xml';
    private const MOST_FILES = 500;
    private const MOST_DESCRIPTION = 8 * 1024 * 1024;
    private const MOST_UNPACKED = 200 * 1024 * 1024;
    private const MOST_RATIO = 200;

    public static function isArchive(string $bytes): bool
    {
        return str_starts_with($bytes, "PK\x03\x04") || str_starts_with($bytes, "PK\x05\x06");
    }

    /** @throws Problem bad_archive */
    public static function read(string $bytes): DeviceReading
    {
        return self::withFile($bytes, static fn (\ZipArchive $zip): DeviceReading => DescriptionReader::read(self::description($zip)));
    }

    public static function write(FixtureProfile $profile): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'rigger');
        try {
            $zip = new \ZipArchive();
            $zip->open($file, \ZipArchive::OVERWRITE);
            $zip->addFromString(self::DESCRIPTION, DescriptionWriter::write($profile));
            // The same chart gives the same file, whenever it is written.
            $zip->setMtimeName(self::DESCRIPTION, 315532800);
            $zip->close();

            return (string) file_get_contents($file);
        } finally {
            unlink($file);
        }
    }

    /** @param callable(\ZipArchive): DeviceReading $work */
    private static function withFile(string $bytes, callable $work): DeviceReading
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'rigger');
        $zip = new \ZipArchive();
        try {
            file_put_contents($file, $bytes);
            if (true !== $zip->open($file, \ZipArchive::RDONLY)) {
                throw self::bad('The archive is damaged.');
            }
            try {
                return $work($zip);
            } finally {
                $zip->close();
            }
        } finally {
            unlink($file);
        }
    }

    private static function description(\ZipArchive $zip): string
    {
        if ($zip->numFiles > self::MOST_FILES) {
            throw self::bad(\sprintf('The archive holds %d files; at most %d are looked at.', $zip->numFiles, self::MOST_FILES));
        }
        $unpacked = 0;
        $found = null;
        for ($index = 0; $index < $zip->numFiles; ++$index) {
            $entry = $zip->statIndex($index);
            if (false === $entry) {
                throw self::bad('The archive is damaged.');
            }
            self::requireHarmless($entry['name'], $entry['size'], $entry['comp_size']);
            $unpacked += $entry['size'];
            $found = self::DESCRIPTION === $entry['name'] ? $entry : $found;
        }
        if ($unpacked > self::MOST_UNPACKED) {
            throw self::bad(\sprintf(
                'Unpacked, the archive would have %d MB; at most %d MB are looked at.',
                intdiv($unpacked, 1048576),
                intdiv(self::MOST_UNPACKED, 1048576),
            ));
        }
        if (null === $found) {
            throw self::bad('The archive holds no description.xml, so it is no device description of DIN SPEC 15800.');
        }

        return self::text($zip, $found['index']);
    }

    private static function requireHarmless(string $name, int $size, int $packed): void
    {
        $parts = Splitting::of('#[/\\\\]#', $name);
        if (\in_array('..', $parts, true) || 1 === preg_match('#^(?:[/\\\\]|[A-Za-z]:)|\x00#', $name)) {
            throw self::bad('A file name in the archive leads out of it. Nothing of it was read.');
        }
        if ($size > 1024 * 1024 && $size > self::MOST_RATIO * max(1, $packed)) {
            throw self::bad('A file in the archive is packed so tightly that it must be a trap. Nothing of it was read.');
        }
    }

    /** Read in pieces up to the limit: what the archive says of its own sizes may be a lie. */
    private static function text(\ZipArchive $zip, int $index): string
    {
        $stream = $zip->getStreamIndex($index);
        if (false === $stream) {
            throw self::bad('The description is packed in a way that cannot be read, or with a password.');
        }
        $text = (string) stream_get_contents($stream, self::MOST_DESCRIPTION + 1);
        fclose($stream);
        if (\strlen($text) > self::MOST_DESCRIPTION) {
            throw self::bad(\sprintf('The description is larger than %d MB.', intdiv(self::MOST_DESCRIPTION, 1048576)));
        }

        return $text;
    }

    private static function bad(string $message): Problem
    {
        return Problem::at('file', 'bad_archive', $message);
    }
}
