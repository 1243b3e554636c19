<?php

declare(strict_types=1);

namespace Rigger\Core\Library;

/** A word of a query: part of a name or kind, or else a function or an emitter. */
final readonly class QueryWord
{
    public function __construct(public string $text, public ?string $function, public ?string $emitter)
    {
    }
}
