<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A cell or socket of a unit. */
final readonly class NamedCellView
{
    /**
     * @param string      $label as its chart calls it
     * @param string|null $name  as the operator calls it
     */
    public function __construct(public int $cell, public string $label, public ?string $name)
    {
    }
}
