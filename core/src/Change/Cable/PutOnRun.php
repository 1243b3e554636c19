<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Cable;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\NotThere;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Names;

/** Puts units on a run, in the order of the cable; those that hung elsewhere leave it. */
final readonly class PutOnRun implements Change
{
    /**
     * @param list<string> $units
     * @param string|null  $before item before which they come; null for the end
     */
    public function __construct(
        public string $run,
        #[Ids('Say which units to put there.')] public array $units,
        public ?string $before = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $run = $rig->run($this->run);
        $at = null === $this->before ? null : $run->placeOf($this->before) ?? throw NotThere::runItem();
        if (null === $at) {
            Typed::open($run);
        }
        $names = array_map(static fn (string $id): string => $rig->unit($id)->name, $this->units);

        return new Applied(Hung::on($rig, $run, $this->units, $at, $world), \sprintf('Put %s on %s', Names::few($names), $run->name));
    }
}
