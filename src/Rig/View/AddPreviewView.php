<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Change\Unit\AddUnits;
use Rigger\Core\Rig\Unit;

/** What adding would do; nothing has changed yet. */
final readonly class AddPreviewView
{
    /** @param list<AddedUnitView> $units */
    public function __construct(public array $units, public string $sentence)
    {
    }

    public static function of(Unit ...$units): self
    {
        return new self(
            array_map(
                static fn (Unit $unit): AddedUnitView => new AddedUnitView(
                    $unit->name,
                    $unit->place->universe,
                    $unit->place->address,
                    $unit->span()->last(),
                ),
                array_values($units),
            ),
            AddUnits::sentence(...$units),
        );
    }
}
