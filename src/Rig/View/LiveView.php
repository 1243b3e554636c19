<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** What every lamp does at the faders as they stand. */
final readonly class LiveView
{
    /**
     * @param list<LampView> $lamps    in the order of the patch
     * @param \stdClass      $sent     what the desk sends: value above 0 by address
     * @param bool|null      $streamed whether the stand-in for the desk took it; null where it was not asked to
     */
    public function __construct(public int $version, public array $lamps, public \stdClass $sent, public ?bool $streamed)
    {
    }
}
