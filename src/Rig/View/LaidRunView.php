<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** One run of a cable plan. */
final readonly class LaidRunView
{
    /**
     * @param list<string> $units  in the order of the cable
     * @param list<float>  $cables metres of the cable to each
     */
    public function __construct(public array $units, public array $cables, public float $metres)
    {
    }
}
