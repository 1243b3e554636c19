<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Change\Unit\AddUnits;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** What adding would do; nothing has changed yet. */
final readonly class AddPreviewView
{
    /**
     * @param list<AddedUnitView> $units
     * @param list<string>        $notes what of the wish could not be had as asked
     */
    public function __construct(public array $units, public string $sentence, public array $notes)
    {
    }

    /** @throws InputError as AddUnits */
    public static function of(AddUnits $wish, Rig $rig, World $world): self
    {
        $units = $wish->units($rig, $world);

        return new self(
            array_map(
                static fn (Unit $unit): AddedUnitView => new AddedUnitView(
                    $unit->name,
                    $unit->place->universe,
                    $unit->place->address,
                    $unit->span()->last(),
                ),
                $units,
            ),
            AddUnits::sentence(...$units),
            $wish->notes($rig, $units),
        );
    }
}
