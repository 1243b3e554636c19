<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Line;

use Rigger\Core\Position\Spot;

/** Ends a run; each of its outputs can begin another. */
final readonly class Splitter
{
    /**
     * @param int       $outputs from 1
     * @param Spot|null $spot    where it stands; null where nobody has said
     */
    public function __construct(public string $name, public int $outputs, public ?Spot $spot = null)
    {
    }
}
