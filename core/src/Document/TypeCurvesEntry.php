<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Curve\ChannelCurve;

/** Curves that hold for every unit of a type in a mode. */
final readonly class TypeCurvesEntry
{
    /**
     * @param int                $type   index of its chart among the document's types
     * @param list<ChannelCurve> $curves
     */
    public function __construct(public int $type, public string $mode, public array $curves)
    {
    }
}
