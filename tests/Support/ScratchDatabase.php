<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Support;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;
use PHPUnit\Framework\Assert;
use Rigger\App\DataFolder;
use Symfony\Component\Process\Process;

/** A database of a test's own, beside the one that all tests share, for what cannot be rolled back. */
final class ScratchDatabase
{
    public readonly string $url;
    public readonly string $upkeepUrl;

    private function __construct(public readonly string $name)
    {
        $folder = DataFolder::fromEnvironment(\dirname(__DIR__, 2));
        $this->upkeepUrl = $folder->secret('upkeep-url') ?? throw new \LogicException('These tests need the database that bin/test starts.');
        $this->url = str_replace('/rigger?', '/'.$name.'?', $folder->secret('database-url') ?? '');
    }

    public static function create(): self
    {
        $database = new self('rigger_scratch_'.bin2hex(random_bytes(4)));
        $database->upkeep()->executeStatement('CREATE DATABASE '.$database->name);
        $database->handOver();

        return $database;
    }

    /** The schema and all in it belong to the application's role, as bin/start sees to. */
    public function handOver(): void
    {
        $this->upkeep($this->name)->executeStatement((string) file_get_contents(\dirname(__DIR__, 2).'/tools/run/schema.sql'));
    }

    /** What pg_dump wrote. */
    public function load(string $sql): void
    {
        // Lines for psql alone are none of SQL.
        $this->upkeep($this->name)->executeStatement((string) preg_replace('/^\\\\.*$/m', '', $sql));
        $this->handOver();
    }

    public function upkeep(string $database = 'postgres'): Connection
    {
        return DriverManager::getConnection(['dbname' => $database] + (new DsnParser(['postgresql' => 'pdo_pgsql']))->parse($this->upkeepUrl));
    }

    /**
     * @param array<string, string> $environment
     *
     * @return string what the command said
     */
    public function console(string $folder, array $environment, int $status, string ...$arguments): string
    {
        $process = $this->process($folder, $environment, array_values($arguments));
        $process->run();
        Assert::assertSame($status, $process->getExitCode(), $process->getOutput().$process->getErrorOutput());

        return $process->getOutput().$process->getErrorOutput();
    }

    /** A command that runs beside others. */
    public function begin(string ...$arguments): Process
    {
        $process = $this->process(sys_get_temp_dir(), [], array_values($arguments));
        $process->start();

        return $process;
    }

    public function drop(): void
    {
        $upkeep = $this->upkeep();
        $upkeep->executeStatement('DROP DATABASE IF EXISTS '.$this->name.' WITH (FORCE)');
    }

    /**
     * @param array<string, string> $environment
     * @param list<string>          $arguments
     */
    private function process(string $folder, array $environment, array $arguments): Process
    {
        $process = new Process(
            [\PHP_BINARY, \dirname(__DIR__, 2).'/bin/console', ...$arguments],
            null,
            [
                'DATABASE_URL' => $this->url,
                'RIGGER_UPKEEP_URL' => $this->upkeepUrl,
                'RIGGER_DATA' => $folder,
                'APP_ENV' => 'test',
                'APP_DEBUG' => '1',
                'RIGGER_LOG' => '/dev/null',
                'PGBIN' => self::programs(),
            ] + $environment,
        );
        $process->setTimeout(120);

        return $process;
    }

    private static function programs(): string
    {
        $folders = glob('/usr/lib/postgresql/*/bin');

        return false === $folders || [] === $folders ? '' : (string) end($folders);
    }
}
