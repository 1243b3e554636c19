<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Look;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Names;

/** A look says nothing about units any more: they stay as they are when it comes. Twins go along. */
final readonly class LeaveOut implements Change
{
    /** @param list<string> $units */
    public function __construct(public string $look, #[Ids('Say which units to leave out.')] public array $units)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $look = $rig->look($this->look);
        $units = array_map($rig->unit(...), $this->units);
        foreach ($units as $unit) {
            foreach ($rig->together($unit)->units as $twin) {
                $look = $look->without($twin->id);
            }
        }

        return new Applied($rig->withLooks($look), \sprintf(
            'Left %s out of %s',
            Names::few(array_map(static fn (Unit $unit): string => $unit->name, $units)),
            $look->name,
        ));
    }
}
