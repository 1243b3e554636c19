<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Cable;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Line\RunItem;
use Rigger\Core\Rig\NotThere;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Names;

/** Takes units or a splitter off their runs; what the splitter fed is plugged in nowhere then. */
final readonly class TakeOffRun implements Change
{
    /** @param list<string> $items */
    public function __construct(#[Ids('Say what to take off its run.')] public array $items)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $names = [];
        foreach (array_unique($this->items) as $id) {
            [$run, $place] = $rig->cabling()->placeOf($id) ?? throw NotThere::runItem();
            $item = $run->items[$place];
            $names[] = null === $item->unitId ? $item->splitter->name ?? '' : $rig->unit($item->unitId)->name;
            $rig = $rig->withRuns($run->keeping(static fn (RunItem $one): bool => $one->id !== $id));
            $rig = null === $item->splitter ? $rig : $rig->unplugged($id);
        }

        return new Applied($rig, \sprintf('Took %s off the cable', Names::few($names)));
    }
}
