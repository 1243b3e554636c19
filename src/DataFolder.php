<?php

declare(strict_types=1);

namespace Rigger\App;

/** The one folder that holds database, backups, secrets and logs; bin/start makes it. */
final readonly class DataFolder
{
    /** A start as root keeps the data here where its account cannot reach the checkout. */
    private const SHARED = '/var/lib/rigger/data';
    /** Reaches nothing: commands that need no database must be able to run before there is one. */
    private const NO_DATABASE = 'postgresql://nobody@127.0.0.1:1/none?serverVersion=15';

    private function __construct(public string $path)
    {
    }

    /** RIGGER_DATA, else var/data below the checkout, else what a start as root made for it. */
    public static function fromEnvironment(string $checkout): self
    {
        $named = $_SERVER['RIGGER_DATA'] ?? null;
        if (\is_string($named) && '' !== $named) {
            return new self($named);
        }
        $own = $checkout.'/var/data';

        return new self(is_dir($own) || !is_dir(self::SHARED) ? $own : self::SHARED);
    }

    public static function at(string $path): self
    {
        return new self($path);
    }

    /**
     * Adds what the environment does not say itself.
     *
     * @param array<array-key, mixed> $environment
     */
    public function fill(array &$environment): void
    {
        $environment['RIGGER_DATA'] = $this->path;
        $environment['DATABASE_URL'] ??= $this->secret('database-url') ?? self::NO_DATABASE;
        $environment['APP_SECRET'] ??= $this->secret('signing') ?? bin2hex(random_bytes(16));
    }

    /** @return string|null null where there is none yet, or this account may not read it */
    public function secret(string $name): ?string
    {
        $file = $this->path.'/secrets/'.$name;
        $text = is_readable($file) ? file_get_contents($file) : false;

        return false === $text || '' === $text ? null : trim($text);
    }

    public function backups(): string
    {
        return $this->path.'/backups';
    }
}
