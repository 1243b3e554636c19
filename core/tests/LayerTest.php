<?php

declare(strict_types=1);

namespace Rigger\Core\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The core names nothing outside PHP and itself, and knows neither files nor clocks nor chance. */
final class LayerTest extends TestCase
{
    private const WORLD = [
        'file_get_contents',
        'file_put_contents',
        'fopen',
        'time',
        'microtime',
        'hrtime',
        'date',
        'rand',
        'mt_rand',
        'random_int',
        'getenv',
        'glob',
        'is_file',
        'header',
        'echo',
        'print',
    ];

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            __DIR__.'/../src',
            \FilesystemIterator::SKIP_DOTS,
        )) as $file) {
            yield substr($file->getPathname(), \strlen(__DIR__.'/../src/')) => [$file->getPathname()];
        }
    }

    #[DataProvider('files')]
    public function testStaysInside(string $file): void
    {
        self::assertSame([], self::trespasses((string) file_get_contents($file)));
    }

    public function testFoldersKnowOneAnotherInOneDirection(): void
    {
        self::assertSame([], Folders::inCircles(Folders::known(\dirname(__DIR__).'/src', 'Rigger\Core')));
        self::assertSame(['A', 'B', 'C'], Folders::inCircles(['A' => ['B'], 'B' => ['C'], 'C' => ['A'], 'D' => ['A']]));
    }

    public function testLinesAreNotWiderThanAScreen(): void
    {
        self::assertSame([], Folders::wideLines(\dirname(__DIR__).'/src'));
    }

    public function testTheScanFindsWhatItLooksFor(): void
    {
        self::assertSame(
            ['Symfony\Component\Uid\Uuid', 'time'],
            self::trespasses('<?php namespace Rigger\Core\X; use Symfony\Component\Uid\Uuid; $a = time();'),
        );
        self::assertSame(['\Doctrine\ORM\EntityManager'], self::trespasses('<?php new \Doctrine\ORM\EntityManager();'));
        self::assertSame([], self::trespasses('<?php use Rigger\Core\Patch\Span; $time = \sprintf("time()"); $this->time();'));
    }

    /** @return list<string> */
    private static function trespasses(string $source): array
    {
        $found = [];
        $before = null;
        foreach (\PhpToken::tokenize($source) as $token) {
            if ($token->isIgnorable()) {
                continue;
            }
            $isQualified = $token->is([\T_NAME_QUALIFIED, \T_NAME_FULLY_QUALIFIED]);
            $name = ltrim($token->text, '\\');
            if ($isQualified && str_contains($name, '\\') && !str_starts_with($name.'\\', 'Rigger\\Core\\')) {
                $found[] = $token->text;
            }
            $isCall = $token->is([\T_STRING, \T_NAME_FULLY_QUALIFIED, \T_ECHO, \T_PRINT]) && !\in_array(
                $before,
                ['->', '?->', '::', 'function', 'const', 'case', 'new'],
                true,
            );
            if ($isCall && \in_array(strtolower($name), self::WORLD, true)) {
                $found[] = $token->text;
            }
            $before = $token->text;
        }

        return $found;
    }
}
