<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Line;

use Rigger\Core\Line\Cable\CableType;
use Rigger\Core\Line\Cable\Ends;

/** The cable that leads to something on a run. */
final readonly class Piece
{
    /** @param float|null $metres as somebody said; null follows the stage plan */
    public function __construct(public ?float $metres = null, public CableType $type = CableType::Data, public Ends $ends = Ends::Three)
    {
    }
}
