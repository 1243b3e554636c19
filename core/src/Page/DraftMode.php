<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** One mode as it is gathered from the page. */
final class DraftMode
{
    /** @var array<int, DraftChannel> by offset, in the order of the page */
    public array $channels = [];

    public function __construct(public readonly ModeHeading $heading, public readonly int $line)
    {
    }

    public function last(): int
    {
        return array_key_last($this->channels) ?? 0;
    }
}
