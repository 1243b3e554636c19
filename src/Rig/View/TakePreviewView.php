<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\App\Library\View\ComparisonView;
use Rigger\Core\Judge\Fixtures\LookChange;
use Rigger\Core\Judge\Fixtures\RevisionPreview;
use Rigger\Core\Rig\Revision;
use Rigger\Core\Rig\Rig;

/** What taking a newer revision would change. */
final readonly class TakePreviewView
{
    /**
     * @param list<ComparisonView>  $charts    for each mode that units of the rig use
     * @param list<FaderChangeView> $faders    whose name changes
     * @param list<LookChangeView>  $looks     lamps that would shine otherwise
     * @param string|null           $hindrance why it cannot be taken now
     */
    public function __construct(
        public int $from,
        public int $to,
        public array $charts,
        public array $faders,
        public array $looks,
        public ?string $hindrance,
    ) {
    }

    public static function of(Rig $rig, Revision $latest): self
    {
        $preview = new RevisionPreview($rig, $latest);

        return new self(
            $preview->from(),
            $latest->number,
            array_map(static fn (array $one): ComparisonView => ComparisonView::of(...$one), $preview->modes()),
            array_map(
                static fn (array $one): FaderChangeView => new FaderChangeView(
                    $one[0]->button,
                    $one[0]->page,
                    $one[0]->number,
                    $one[0]->address,
                    $one[1],
                    $one[2],
                ),
                $preview->faders(),
            ),
            array_map(
                static fn (LookChange $one): LookChangeView => new LookChangeView(
                    $one->look->name,
                    $one->unit->name,
                    $one->wordsBefore(),
                    $one->wordsAfter(),
                    $one->hexBefore(),
                    $one->hexAfter(),
                ),
                $preview->looks(),
            ),
            $preview->hindrance(),
        );
    }
}
