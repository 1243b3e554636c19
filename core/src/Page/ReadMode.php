<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Profile\Channel;

/** A mode as read off a page. */
final readonly class ReadMode
{
    /**
     * @param string        $name     the heading, or "" where the page has none
     * @param int           $count    as the heading says, else the channels found
     * @param list<Channel> $channels
     */
    public function __construct(public string $name, public int $count, public array $channels)
    {
    }
}
