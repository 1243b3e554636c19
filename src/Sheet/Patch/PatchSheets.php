<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Patch;

use Rigger\App\Rig\View\RigView;
use Rigger\App\Rig\View\UnitView;
use Rigger\App\Sheet\Draw\Page;
use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Draw\Type;

/** The patch on paper: a list, the squares of a universe, labels, or cards to set units by. */
final readonly class PatchSheets
{
    private Type $type;

    public function __construct(
        private SheetKind $kind,
        private PaperSize $paper,
        private ListOrder $order,
        private LabelStock $stock,
        private ?string $group = null,
    ) {
        $this->type = new Type();
    }

    /** @return non-empty-list<Page> */
    public function of(RigView $rig): array
    {
        $units = $this->order->sort(null === $this->group ? $rig->units : array_values(array_filter(
            $rig->units,
            fn (UnitView $unit): bool => \in_array($this->group, $unit->groups, true),
        )));

        return match ($this->kind) {
            SheetKind::List => (new ListSheet($this->type, $this->paper))->of($rig, $units, $this->order),
            SheetKind::Squares => (new SquaresSheet($this->type, $this->paper))->of($rig, $units),
            SheetKind::Labels => (new LabelSheet($this->type, $this->stock, $this->paper))->of($units),
            SheetKind::Cards => (new CardSheet($this->type, $this->paper))->of($rig, $units),
        };
    }
}
