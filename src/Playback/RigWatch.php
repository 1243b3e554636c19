<?php

declare(strict_types=1);

namespace Rigger\App\Playback;

use React\EventLoop\LoopInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Hears of every rig that changes, from the database itself: whoever changed it, it is told when that is committed. */
final class RigWatch
{
    public const CHANNEL = 'rig_changed';
    private const RETRY_SECONDS = 0.5;

    private ?\PgSql\Connection $connection = null;
    /** @var resource|null */
    private $socket;
    private ?LoopInterface $loop = null;

    public function __construct(#[Autowire('%env(resolve:DATABASE_URL)%')] #[\SensitiveParameter] private readonly string $url)
    {
    }

    /**
     * @param \Closure(string): void $onChange with the rig's id
     * @param \Closure(): void       $onBack   after it could not hear for a while: anything may have changed
     */
    public function begin(LoopInterface $loop, \Closure $onChange, \Closure $onBack): void
    {
        $this->loop = $loop;
        if (!$this->connect()) {
            $loop->addTimer(self::RETRY_SECONDS, fn () => $this->retry($onChange, $onBack));

            return;
        }
        \assert(\is_resource($this->socket));
        $loop->addReadStream($this->socket, fn () => $this->hear($onChange, $onBack));
    }

    private function retry(\Closure $onChange, \Closure $onBack): void
    {
        \assert(null !== $this->loop);
        $this->begin($this->loop, $onChange, $onBack);
        if (null !== $this->connection) {
            $onBack();
        }
    }

    private function hear(\Closure $onChange, \Closure $onBack): void
    {
        \assert(null !== $this->connection && null !== $this->loop && \is_resource($this->socket));
        if (!@pg_consume_input($this->connection) || \PGSQL_CONNECTION_OK !== pg_connection_status($this->connection)) {
            $this->loop->removeReadStream($this->socket);
            $this->connection = $this->socket = null;
            $this->loop->addTimer(self::RETRY_SECONDS, fn () => $this->retry($onChange, $onBack));

            return;
        }
        $changed = [];
        while (false !== $notice = pg_get_notify($this->connection, \PGSQL_ASSOC)) {
            $changed[$notice['payload']] = true;
        }
        foreach (array_keys($changed) as $id) {
            $onChange((string) $id);
        }
    }

    private function connect(): bool
    {
        $connection = @pg_connect(self::words($this->url), \PGSQL_CONNECT_FORCE_NEW);
        if (false === $connection || false === @pg_query($connection, 'LISTEN '.self::CHANNEL)) {
            return false;
        }
        $socket = pg_socket($connection);
        if (false === $socket) {
            return false;
        }
        $this->connection = $connection;
        $this->socket = $socket;

        return true;
    }

    /** The address as PostgreSQL's own library takes it: what only Doctrine knows is left out. */
    private static function words(string $url): string
    {
        $parts = parse_url($url);
        $known = \is_array($parts) ? [
            'host' => $parts['host'] ?? '127.0.0.1',
            'port' => (string) ($parts['port'] ?? 5432),
            'user' => rawurldecode($parts['user'] ?? ''),
            'password' => rawurldecode($parts['pass'] ?? ''),
            'dbname' => rawurldecode(ltrim($parts['path'] ?? '', '/')),
            'connect_timeout' => '2',
            'application_name' => 'rigger playback',
        ] : [];

        return implode(' ', array_map(
            static fn (string $value, string $key): string => $key."='".addcslashes($value, "\\'")."'",
            $known,
            array_keys($known),
        ));
    }
}
