<?php

declare(strict_types=1);

namespace Rigger\App\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Tests\Folders;

/** Controllers map and delegate: no SQL, no query language, no arithmetic of the job, no entity manager but to begin a transaction. */
final class LayerTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function controllers(): iterable
    {
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            __DIR__.'/../src/Http',
            \FilesystemIterator::SKIP_DOTS,
        )) as $file) {
            yield $file->getBasename() => [(string) file_get_contents($file->getPathname())];
        }
    }

    #[DataProvider('controllers')]
    public function testDelegates(string $source): void
    {
        self::assertSame([], self::trespasses($source));
    }

    public function testFoldersKnowOneAnotherInOneDirection(): void
    {
        self::assertSame([], Folders::inCircles(Folders::known(\dirname(__DIR__).'/src', 'Rigger\App')));
    }

    public function testLinesAreNotWiderThanAScreen(): void
    {
        self::assertSame([], Folders::wideLines(\dirname(__DIR__).'/src'));
    }

    public function testTheScanFindsWhatItLooksFor(): void
    {
        self::assertSame(['createQuery', 'SELECT '], self::trespasses('<?php $m->createQuery("SELECT r FROM Rig r");'));
        self::assertSame(['Doctrine\DBAL'], self::trespasses('<?php use Doctrine\DBAL\Connection;'));
        self::assertSame(['%'], self::trespasses('<?php $a = $b % 14;'));
    }

    /** @return list<string> */
    private static function trespasses(string $source): array
    {
        $found = array_values(array_filter(
            ['Doctrine\DBAL', 'createQuery', 'SELECT ', 'executeStatement'],
            static fn (string $one): bool => str_contains($source, $one),
        ));
        foreach (\PhpToken::tokenize($source) as $token) {
            if (\in_array($token->text, ['%', '*', '/', '**'], true) && !$token->isIgnorable()) {
                $found[] = $token->text;
            }
        }

        return $found;
    }
}
