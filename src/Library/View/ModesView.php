<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** A fixture's modes side by side. */
final readonly class ModesView
{
    /**
     * @param list<ModeCostView>    $modes     fewest channels first
     * @param list<FunctionRowView> $functions
     * @param int                   $units     of this type in the rig
     */
    public function __construct(public array $modes, public array $functions, public int $units, public ?string $desk)
    {
    }
}
