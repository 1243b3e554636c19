<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Cable;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Line\Outlet;
use Rigger\Core\Rig\Line\Splitter;
use Rigger\Core\Rig\NotThere;
use Rigger\Core\Rig\Rig;

/** What a splitter is called, how many outputs it has, and where it stands; what is left out stays. */
final readonly class ChangeSplitter implements Change
{
    /**
     * @param float|null $x metres to the right of centre, with y; both or none
     * @param float|null $y metres upstage of the edge
     */
    public function __construct(
        public string $item,
        public ?string $name = null,
        #[Within(1, Outlet::MOST, 'A splitter has 1 to 64 outputs, not {value}.')] public ?int $outputs = null,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'Type metres, -200 to 200.')] public ?float $x = null,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'Type metres, -200 to 200.')] public ?float $y = null,
        #[Within(0, Spot::HIGHEST, 'Type metres above the floor, 0 to 60.')] public ?float $height = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        [$run, $place] = $rig->cabling()->placeOf($this->item) ?? throw NotThere::runItem();
        $was = $run->items[$place]->splitter ?? throw NotThere::runItem();
        $outputs = $this->outputs ?? $was->outputs;
        foreach ($rig->cabling()->fedBy($this->item) as $fed) {
            if (($fed->from->output ?? 0) > $outputs) {
                throw Refused::because(
                    'in_use',
                    \sprintf('%s begins at output %d of %s: plug it in elsewhere first.', $fed->name, $fed->from->output ?? 0, $was->name),
                );
            }
        }
        $spot = null === $this->x || null === $this->y ? $was->spot : new Spot($this->x, $this->y, $this->height ?? $was->spot?->height);
        $splitter = new Splitter(null === $this->name ? $was->name : Limits::name($this->name, 'name'), $outputs, $spot);

        return new Applied($rig->withRuns($run->replacing($place, $run->items[$place]->being($splitter))), match (true) {
            $splitter->name !== $was->name => \sprintf('Renamed %s to %s', $was->name, $splitter->name),
            $splitter->spot !== $was->spot => \sprintf('Put %s %s', $splitter->name, $splitter->spot?->words() ?? ''),
            default => \sprintf('%s has %d outputs', $splitter->name, $splitter->outputs),
        });
    }
}
