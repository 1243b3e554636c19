<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** What every lamp does at the faders as they stand. */
final readonly class LiveView
{
    /** @param list<LampView> $lamps in the order of the patch */
    public function __construct(public int $version, public array $lamps)
    {
    }
}
