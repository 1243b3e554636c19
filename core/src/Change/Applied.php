<?php

declare(strict_types=1);

namespace Rigger\Core\Change;

use Rigger\Core\Rig\Rig;

/** What a change did. */
final readonly class Applied
{
    /**
     * @param string       $said in words, for the history
     * @param list<string> $made ids of what is new
     */
    public function __construct(public Rig $rig, public string $said, public array $made = [])
    {
    }
}
