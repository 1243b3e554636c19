<?php

declare(strict_types=1);

namespace Rigger\Core\Time;

/** A look in a chase: it fades in, then it holds. */
final readonly class ChaseStep
{
    /**
     * @param string $look id
     * @param float  $hold seconds, 0 or more
     * @param float  $fade seconds, 0 or more
     */
    public function __construct(public string $look, public float $hold, public float $fade)
    {
    }
}
