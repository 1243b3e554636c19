<?php

declare(strict_types=1);

namespace Rigger\App\Once;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Psr\Clock\ClockInterface;

/** The answers that were given to requests with a key, kept for those whose answer was lost on its way. */
final readonly class AnsweredRequests
{
    public function __construct(private Connection $database, private ClockInterface $clock)
    {
    }

    /**
     * Claims the key until the transaction ends. A request with the same key that is still under way is waited for.
     *
     * @return bool whether it is the first with this key
     */
    public function claim(string $key, string $fingerprint): bool
    {
        return 1 === (int) $this->database->executeStatement(
            'INSERT INTO answered_request (key, fingerprint, at) VALUES (?, ?, ?) ON CONFLICT (key) DO NOTHING',
            [$key, $fingerprint, $this->now()],
        );
    }

    public function find(string $key): ?KeptAnswer
    {
        $row = $this->database->fetchAssociative(
            "SELECT fingerprint, status, headers, encode(body, 'base64') AS body "
                .'FROM answered_request WHERE key = ? AND status IS NOT NULL',
            [$key],
        );
        if (false === $row) {
            return null;
        }
        /** @var array{fingerprint: string, status: int, headers: string, body: string} $row */
        /** @var array<string, string> $headers */
        $headers = json_decode($row['headers'], true, 4, \JSON_THROW_ON_ERROR);

        return new KeptAnswer(
            $row['fingerprint'],
            $row['status'],
            $headers,
            (string) gzuncompress((string) base64_decode($row['body'], true)),
        );
    }

    public function keep(string $key, KeptAnswer $answer): void
    {
        $this->database->executeStatement(
            'UPDATE answered_request SET status = ?, headers = ?, body = ? WHERE key = ?',
            [$answer->status, json_encode((object) $answer->headers, \JSON_THROW_ON_ERROR), gzcompress($answer->body, 1), $key],
            [ParameterType::INTEGER, ParameterType::STRING, ParameterType::BINARY, ParameterType::STRING],
        );
    }

    /** Nobody repeats a request after days. */
    public function forgetBefore(\DateTimeImmutable $at): int
    {
        return (int) $this->database->executeStatement('DELETE FROM answered_request WHERE at < ?', [$at->format('Y-m-d H:i:s')]);
    }

    private function now(): string
    {
        return $this->clock->now()->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s');
    }
}
