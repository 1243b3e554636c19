<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A place on the stage plan, in metres. */
final readonly class SpotView
{
    /** @param string $words "1.2 m left of centre, 3.5 m upstage" */
    public function __construct(public float $x, public float $y, public ?float $height, public string $words)
    {
    }
}
