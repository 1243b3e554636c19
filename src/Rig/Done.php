<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\Core\Rig\Rig;

/** What came through the door. */
final readonly class Done
{
    /**
     * @param string       $said in words
     * @param list<string> $made ids of what is new
     */
    public function __construct(public Rig $before, public Rig $after, public string $said, public array $made = [])
    {
    }
}
