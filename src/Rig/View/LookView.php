<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A scene, and how to store it on the real desk. */
final readonly class LookView
{
    /**
     * @param string                $where       its place as the desk calls it: "Drawer 2, memory 3"; "" where the desk keeps none
     * @param list<CellView>        $cells
     * @param list<UnreachableView> $unreachable channels above 0 that no fader of the desk reaches
     * @param list<string>          $lines       how to store it there, in the desk's own words
     * @param string|null           $made        as what it was made for this rig; null where somebody has set or changed it
     * @param string|null           $problem     why it cannot be put on the desk's faders
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $bank,
        public int $number,
        public string $where,
        public array $cells,
        public array $unreachable,
        public array $lines,
        public ?string $problem,
        public ?string $made,
    ) {
    }
}
