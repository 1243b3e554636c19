<?php

declare(strict_types=1);

namespace Rigger\Core\Compare;

/** One function of a fixture and the channels that have it, by mode. */
final readonly class FunctionRow
{
    /** @param array<string, list<int>> $channels offsets by key of the mode; a mode that lacks it is not there */
    public function __construct(public string $function, public array $channels)
    {
    }
}
