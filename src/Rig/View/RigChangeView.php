<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** What of a rig's view differs from the one at the base; what is null is as it was, undo and redo aside. */
final readonly class RigChangeView
{
    /**
     * @param int                    $base      version that it differs from
     * @param int                    $version   version that it leads to
     * @param DeskChangeView|null    $desk      null where the desk is the same
     * @param StripsChangeView       $strips    of the desk that is the same
     * @param list<int>|null         $walk      places in the list of units, from 0, in the order in which a foot walks
     * @param list<TypeUseView>      $types     charts that the rig's units follow
     * @param list<LinkView>|null    $links
     * @param list<SupportView>|null $supports
     * @param list<HoldView>|null    $holds     null where they are the same
     * @param VanView|null           $van       null where it is the same
     * @param list<int>|null         $house     null where they are the same
     * @param PowerView|null         $power     null where nothing of it is otherwise
     * @param list<UniverseView>     $universes
     * @param string|null            $undo      what undo would take back, in words
     * @param string|null            $redo      what redo would do again, in words
     */
    public function __construct(
        public int $base,
        public int $version,
        public string $name,
        public ?DeskChangeView $desk,
        public StripsChangeView $strips,
        public UnitsChangeView $units,
        public ?array $walk,
        public array $types,
        public ?array $links,
        public LooksChangeView $looks,
        public ?array $supports,
        public ?array $holds,
        public RunsChangeView $runs,
        public ?VanView $van,
        public ?array $house,
        public ?PowerView $power,
        public FindingsChangeView $findings,
        public array $universes,
        public ?string $undo,
        public ?string $redo,
    ) {
    }
}
