<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Cable;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Line\Outlet;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Rig;

/** A run gets another name, begins elsewhere, or gets a terminator; what is left out stays. */
final readonly class ChangeRun implements Change
{
    /**
     * @param string|null $at       desk, splitter, or nowhere, where it is plugged in
     * @param string|null $splitter item that it begins at, with at "splitter"
     * @param int|null    $output   null for the lowest that is free
     * @param int|null    $universe of the desk's output
     * @param string|null $ends     of the outlet
     */
    public function __construct(
        public string $run,
        public ?string $name = null,
        public ?bool $isTerminated = null,
        #[OneOf(['desk', 'splitter', 'nowhere'], 'A run begins at the desk, at a splitter, or nowhere yet.')] public ?string $at = null,
        public ?string $splitter = null,
        #[Within(1, Outlet::MOST, 'Outputs are 1 to 64.')] public ?int $output = null,
        #[Within(1, Limits::UNIVERSES, 'There is no universe {value}.')] public ?int $universe = null,
        #[OneOf(Typed::ENDS, Typed::ENDS_SAID)] public ?string $ends = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $run = $rig->run($this->run);
        $said = [];
        if (null !== $this->name) {
            $name = Limits::name($this->name, 'name');
            $said[] = \sprintf('Renamed %s to %s', $run->name, $name);
            $run = $run->named($name);
        }
        if (null !== $this->isTerminated) {
            $said[] = \sprintf($this->isTerminated ? 'Put a terminator on the end of %s' : 'Took the terminator off %s', $run->name);
            $run = $run->terminated($this->isTerminated);
        }
        if (null !== $this->ends) {
            $run = $run->beginningIn(Typed::ends($this->ends) ?? $run->ends);
            $said[] = \sprintf('%s begins at a socket of %s', $run->name, $run->ends->words());
        }
        $from = $this->outlet($rig, $run);
        if ($from !== $run->from) {
            $run = $run->from($from);
            $said[] = null === $from ? \sprintf('Unplugged %s', $run->name) : \sprintf(
                '%s begins at output %d of %s',
                $run->name,
                $from->output,
                null === $from->splitterId ? $rig->desk()->name ?? 'the desk' : self::splitterName($rig, $from->splitterId),
            );
        }

        return new Applied($rig->withRuns($run), [] === $said ? 'Left '.$run->name.' as it is' : implode('; ', $said));
    }

    private function outlet(Rig $rig, Run $run): ?Outlet
    {
        $at = $this->at ?? match (true) {
            null !== $this->splitter => 'splitter',
            null !== $this->universe => 'desk',
            null !== $this->output => null === $run->from?->splitterId ? 'desk' : 'splitter',
            default => null,
        };

        return match ($at) {
            'desk' => Outlet::ofDesk(
                $this->output ?? (null !== $run->from && null === $run->from->splitterId
                    ? $run->from->output
                    : Outlets::ofDesk($rig, null, null)->output),
                $this->universe ?? (null !== $run->from && null === $run->from->splitterId ? $run->from->universe : $rig->universe()),
            ),
            'splitter' => Outlets::ofSplitter($rig, $this->splitter ?? $run->from->splitterId ?? '', $this->output, $run),
            'nowhere' => null,
            default => $run->from,
        };
    }

    private static function splitterName(Rig $rig, string $itemId): string
    {
        [$run, $place] = $rig->cabling()->placeOf($itemId) ?? [null, 0];

        return $run?->items[$place]->splitter->name ?? 'a splitter';
    }
}
