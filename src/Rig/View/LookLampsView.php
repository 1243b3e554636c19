<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** What every lamp does in one look. */
final readonly class LookLampsView
{
    /** @param list<LampView> $lamps in the order of the patch */
    public function __construct(public string $lookId, public array $lamps)
    {
    }
}
