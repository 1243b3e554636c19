<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Cable;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Line\RunItem;
use Rigger\Core\Rig\NotThere;
use Rigger\Core\Rig\Rig;

/** The items of a run in another order of the cable. */
final readonly class OrderRun implements Change
{
    /** @param list<string> $items all of the run, each once */
    public function __construct(public string $run, #[Ids('Say the order of the cable.')] public array $items)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $run = $rig->run($this->run);
        $byId = array_column(array_map(static fn (RunItem $item): array => [$item->id, $item], $run->items), 1, 0);
        if (\count($this->items) !== \count($byId) || [] !== array_diff_key($byId, array_flip($this->items))) {
            throw Refused::because('not_the_same', \sprintf('Something came to %s or left it meanwhile: say its order anew.', $run->name));
        }
        $items = array_map(static fn (string $id): RunItem => $byId[$id] ?? throw NotThere::runItem(), $this->items);
        foreach (\array_slice($items, 0, -1) as $item) {
            if (null !== $item->splitter) {
                throw Refused::because('after_splitter', \sprintf('%s ends a run: nothing comes after it.', $item->splitter->name));
            }
        }

        return new Applied($rig->withRuns($run->with($items)), 'Changed the order of '.$run->name);
    }
}
