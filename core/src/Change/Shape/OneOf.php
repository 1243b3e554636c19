<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Shape;

/** One of a few words. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class OneOf
{
    /** @param non-empty-list<string> $words */
    public function __construct(public array $words, public string $message)
    {
    }
}
