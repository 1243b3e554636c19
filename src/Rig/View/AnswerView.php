<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** What came of changes. */
final readonly class AnswerView
{
    /**
     * @param int           $version the rig's version now
     * @param string        $said    what was done, in words
     * @param list<string>  $made    ids of what is new
     * @param RigChangeView $changed what differs from the rig at the base
     */
    public function __construct(public int $version, public string $said, public array $made, public RigChangeView $changed)
    {
    }
}
