<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A rig as the interface shows it: everything that one window needs to draw any stage. */
final readonly class RigView
{
    /**
     * @param list<UnitView>     $units     in the order of the patch list
     * @param list<int>          $walk      places in $units, from 0, in the order in which a foot walks
     * @param list<TypeUseView>  $types     charts that the rig's units follow
     * @param list<LinkView>     $links
     * @param list<LookView>     $looks     by bank and number
     * @param list<SupportView>  $supports  beams and stands
     * @param list<HoldView>     $holds     slots that are held for others
     * @param list<RunView>      $runs      data runs, in the order in which they were added
     * @param VanView            $van       the cable at hand
     * @param list<int>          $house     channels of the house's own network
     * @param PowerView          $power     circuits, and the power of units of which something is known
     * @param list<FindingView>  $findings  what is wrong, by stage
     * @param list<UniverseView> $universes
     * @param string|null        $undo      what undo would take back, in words
     * @param string|null        $redo      what redo would do again, in words
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $venue,
        public int $version,
        public ?DeskView $desk,
        public array $units,
        public array $walk,
        public array $types,
        public array $links,
        public array $looks,
        public array $supports,
        public array $holds,
        public array $runs,
        public VanView $van,
        public array $house,
        public PowerView $power,
        public array $findings,
        public array $universes,
        public ?string $undo,
        public ?string $redo,
    ) {
    }
}
