<?php

declare(strict_types=1);

namespace Rigger\App\Backup;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;
use Rigger\App\DataFolder;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Process\Process;

/** The database server, with the programs that copy databases, under one of its two roles. */
final readonly class Server
{
    private const SECONDS = 600.0;

    public function __construct(
        private DataFolder $folder,
        #[Autowire('%env(resolve:DATABASE_URL)%')] private string $applicationUrl,
        #[Autowire('%env(default::RIGGER_UPKEEP_URL)%')] private ?string $upkeepUrl = null,
        #[Autowire('%env(default::PGBIN)%')] private ?string $programs = null,
    ) {
    }

    /** @return string name of the application's database */
    public function database(): string
    {
        return self::parameters($this->applicationUrl)['dbname'] ?? 'rigger';
    }

    /** @return string the application's role */
    public function role(): string
    {
        return self::parameters($this->applicationUrl)['user'] ?? 'rigger_app';
    }

    public function urlOf(string $database): string
    {
        return (string) preg_replace('~/[^/?]*(\?|$)~', '/'.$database.'$1', $this->applicationUrl, 1);
    }

    /**
     * A connection of the role that may make and rename databases.
     *
     * @throws \Rigger\App\Problem\Problem no_upkeep
     */
    public function upkeep(?string $database = null): Connection
    {
        $parameters = self::parameters($this->upkeepUrl());
        if (null !== $database) {
            $parameters['dbname'] = $database;
        }

        return DriverManager::getConnection($parameters);
    }

    public function hasUpkeep(): bool
    {
        return null !== $this->named();
    }

    /** @param list<string> $arguments of pg_dump, as the application's role */
    public function dump(array $arguments): Process
    {
        return $this->program('pg_dump', $arguments, self::parameters($this->applicationUrl));
    }

    /** @param list<string> $arguments of pg_restore, as the role of upkeep where that is to write */
    public function restore(array $arguments, bool $asUpkeep): Process
    {
        return $this->program('pg_restore', $arguments, self::parameters($asUpkeep ? $this->upkeepUrl() : $this->applicationUrl));
    }

    /**
     * @param list<string>                                                                             $arguments
     * @param array{host?: string, port?: int, user?: string, password?: string, dbname?: string, ...} $to
     */
    private function program(string $name, array $arguments, array $to): Process
    {
        $folder = $this->programs ?? '';
        $process = new Process(['' === $folder ? $name : $folder.'/'.$name, ...$arguments], null, [
            'PGHOST' => $to['host'] ?? '127.0.0.1', 'PGPORT' => (string) ($to['port'] ?? 5432), 'PGUSER' => $to['user'] ?? '',
            'PGPASSWORD' => $to['password'] ?? '',
            'PGCONNECT_TIMEOUT' => '10', 'LC_ALL' => 'C.UTF-8',
        ]);
        $process->setTimeout(self::SECONDS);

        return $process;
    }

    private function upkeepUrl(): string
    {
        return $this->named() ?? throw BackupFailed::noUpkeep();
    }

    private function named(): ?string
    {
        if (null !== $this->upkeepUrl && '' !== $this->upkeepUrl) {
            return $this->upkeepUrl;
        }

        // The folder's own cluster, unless the application uses another server.
        return $this->folder->secret('database-url') === $this->applicationUrl ? $this->folder->secret('upkeep-url') : null;
    }

    /** @return array{driver: 'pdo_pgsql', host?: string, port?: int, user?: string, password?: string, dbname?: string} */
    private static function parameters(string $url): array
    {
        $all = (new DsnParser(['postgresql' => 'pdo_pgsql', 'postgres' => 'pdo_pgsql', 'pgsql' => 'pdo_pgsql']))->parse($url);

        /** @var array{driver: 'pdo_pgsql', host?: string, port?: int, user?: string, password?: string, dbname?: string} */
        return ['driver' => 'pdo_pgsql'] + array_intersect_key(
            $all,
            ['host' => 1, 'port' => 1, 'user' => 1, 'password' => 1, 'dbname' => 1],
        );
    }
}
