<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Cable;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Line\Outlet;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Line\RunItem;
use Rigger\Core\Rig\Line\Splitter;
use Rigger\Core\Rig\NotThere;
use Rigger\Core\Rig\Rig;

/** From an item on, a run goes on as one of its own: from a splitter that comes there, or from another output of the desk. */
final readonly class SplitRun implements Change
{
    /** Outputs of a splitter of which nothing else is said. */
    private const OUTPUTS = 4;

    /** @param string $item that the new run begins with */
    public function __construct(
        public string $item,
        #[OneOf(['splitter', 'desk'], 'The rest begins at a splitter or at the desk.')] public string $at = 'splitter',
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        [$run, $place] = $rig->cabling()->placeOf($this->item) ?? throw NotThere::runItem();
        if ('desk' === $this->at && 0 === $place) {
            throw Refused::because('nothing_to_do', \sprintf('%s begins there already.', $run->name));
        }
        $head = \array_slice($run->items, 0, $place);
        $tail = \array_slice($run->items, $place);
        $outlet = Outlets::ofDesk($rig, null, $rig->cabling()->universe($run));
        $said = \sprintf('Let %s go on from output %d', $this->name($rig, $tail[0]), $outlet->output);
        if ('splitter' === $this->at) {
            $splitter = new Splitter(Typed::freeSplitter($rig), self::OUTPUTS);
            $head[] = $item = RunItem::splitter($world->newId(), $splitter);
            $outlet = Outlet::ofSplitter($item->id, 1);
            $said = \sprintf('Put %s before %s', $splitter->name, $this->name($rig, $tail[0]));
        }
        $rest = new Run($world->newId(), Typed::freeName($rig), $outlet, $tail, $run->isTerminated);
        // What the splitter closes needs no terminator; a new end of the desk's cable gets one.
        $rig = $rig->withRuns($run->with($head)->terminated(true), $rest);

        return new Applied($rig, $said.', as '.$rest->name, [$rest->id]);
    }

    private function name(Rig $rig, RunItem $item): string
    {
        return null === $item->unitId ? $item->splitter->name ?? '' : $rig->unit($item->unitId)->name;
    }
}
