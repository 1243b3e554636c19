<?php

declare(strict_types=1);

namespace Rigger\Core\Tests;

/** Which folders of a tree know which, and whether some know one another in a circle. */
final class Folders
{
    /**
     * @param string $root      folder whose folders are looked at
     * @param string $namespace of that folder, "Rigger\Core"
     *
     * @return array<string, list<string>> for each folder, those that it names in its uses
     */
    public static function known(string $root, string $namespace): array
    {
        $known = [];
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $path = explode('/', trim(substr($file->getPathname(), \strlen($root)), '/'));
            $folder = 1 === \count($path) ? '.' : $path[0];
            $known[$folder] ??= [];
            preg_match_all(
                '/^use '.preg_quote($namespace, '/').'\\\\(\w+)\\\\/m',
                (string) file_get_contents($file->getPathname()),
                $found,
            );
            $known[$folder] = array_values(array_unique([
                ...$known[$folder],
                ...array_filter($found[1], static fn (string $one): bool => $one !== $folder),
            ]));
        }
        ksort($known);

        return $known;
    }

    /**
     * @param array<string, list<string>> $known
     *
     * @return list<string> folders from which a way leads back to them
     */
    public static function inCircles(array $known): array
    {
        return array_values(array_filter(array_keys($known), static function (string $start) use ($known): bool {
            $reached = [];
            $open = $known[$start];
            while (null !== $next = array_pop($open)) {
                if (!isset($reached[$next])) {
                    $reached[$next] = true;
                    array_push($open, ...$known[$next] ?? []);
                }
            }

            return isset($reached[$start]);
        }));
    }

    /** @return list<string> lines wider than 140 characters, as "Folder/File.php:12" */
    public static function wideLines(string $folder): array
    {
        $found = [];
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            foreach (explode("\n", (string) file_get_contents($file->getPathname())) as $index => $line) {
                if (mb_strlen($line) > 140) {
                    $found[] = substr($file->getPathname(), \strlen($folder) + 1).':'.($index + 1);
                }
            }
        }

        return $found;
    }
}
