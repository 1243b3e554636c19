<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Cable;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Line\Outlet;
use Rigger\Core\Rig\Line\RunItem;
use Rigger\Core\Rig\Line\Splitter;
use Rigger\Core\Rig\Rig;

/** A splitter at the end of a run. */
final readonly class AddSplitter implements Change
{
    /** @param string|null $name null for the next letter */
    public function __construct(
        public string $run,
        #[Within(1, Outlet::MOST, 'A splitter has 1 to 64 outputs, not {value}.')] public int $outputs,
        public ?string $name = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $run = Typed::open($rig->run($this->run));
        $splitter = new Splitter(null === $this->name ? Typed::freeSplitter($rig) : Limits::name($this->name, 'name'), $this->outputs);
        $item = RunItem::splitter($world->newId(), $splitter);

        return new Applied(
            $rig->withRuns($run->with([...$run->items, $item])),
            \sprintf('Put %s at the end of %s', $splitter->name, $run->name),
            [$item->id],
        );
    }
}
