<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Curve\ChannelCurve;

/** Curves and limits that hold for every unit of a type in a mode, unless the unit has its own. */
final readonly class TypeCurves
{
    /** @param list<ChannelCurve> $curves by channel, at least one */
    public function __construct(public string $typeId, public string $mode, public array $curves)
    {
    }
}
