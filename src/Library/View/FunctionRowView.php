<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** One function and the channels that have it. */
final readonly class FunctionRowView
{
    /** @param list<list<int>> $channels offsets by mode, in the order of the modes; empty where a mode lacks it */
    public function __construct(public string $function, public array $channels)
    {
    }
}
