<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Cable;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Line\Outlet;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Names;

/** A data run, from the desk or from a splitter. */
final readonly class AddRun implements Change
{
    /**
     * @param list<string> $units    on it, in the order of the cable
     * @param string|null  $name     null for the next number
     * @param string|null  $splitter item that it begins at; null for the desk
     * @param int|null     $output   null for the lowest that is free
     * @param int|null     $universe of the desk's output; null for the desk's
     */
    public function __construct(
        #[Ids(mayBeEmpty: true)] public array $units = [],
        public ?string $name = null,
        public ?string $splitter = null,
        #[Within(1, Outlet::MOST, 'Outputs are 1 to 64.')] public ?int $output = null,
        #[Within(1, Limits::UNIVERSES, 'There is no universe {value}.')] public ?int $universe = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        if (\count($rig->runs) >= Limits::RUNS) {
            throw InputError::because('out_of_range', 'name', \sprintf('A rig holds at most %d runs.', Limits::RUNS));
        }
        $run = new Run(
            $world->newId(),
            null === $this->name ? Typed::freeName($rig) : Limits::name($this->name, 'name'),
            null === $this->splitter
                ? Outlets::ofDesk($rig, $this->output, $this->universe)
                : Outlets::ofSplitter($rig, $this->splitter, $this->output, null),
        );
        $names = array_map(static fn (string $id): string => $rig->unit($id)->name, $this->units);

        return new Applied(
            Hung::on($rig->withRuns($run), $run, $this->units, null, $world),
            \sprintf('Added %s', $run->name).([] === $names ? '' : ' with '.Names::few($names)),
            [$run->id],
        );
    }
}
