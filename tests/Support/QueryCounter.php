<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Support;

use Psr\Log\AbstractLogger;

/** Counts the statements that the database driver is asked to run. */
final class QueryCounter extends AbstractLogger
{
    public int $statements = 0;

    /** @param array<array-key, mixed> $context */
    public function log(mixed $level, string|\Stringable $message, array $context = []): void
    {
        if (str_starts_with((string) $message, 'Executing')) {
            ++$this->statements;
        }
    }
}
