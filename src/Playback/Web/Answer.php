<?php

declare(strict_types=1);

namespace Rigger\App\Playback\Web;

use Rigger\Core\Input\Json;

/** An answer to one request: a status, and JSON or nothing. */
final readonly class Answer
{
    private function __construct(public int $status, public string $body)
    {
    }

    public static function done(): self
    {
        return new self(204, '');
    }

    /** @param array<string, mixed> $document */
    public static function with(array $document): self
    {
        return new self(200, Json::encode($document));
    }

    /** @param string $body problem details as JSON */
    public static function problem(int $status, string $body): self
    {
        return new self($status, $body);
    }
}
