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
            array_map(static fn (array $mode): ComparisonView => ComparisonView::of(...$mode), $preview->modes()),
            array_map(
                static fn (array $fader): FaderChangeView => new FaderChangeView(
                    $fader[0]->button,
                    $fader[0]->page,
                    $fader[0]->number,
                    $fader[0]->address,
                    $fader[1],
                    $fader[2],
                ),
                $preview->faders(),
            ),
            array_map(
                static fn (LookChange $change): LookChangeView => new LookChangeView(
                    $change->look->name,
                    $change->unit->name,
                    $change->wordsBefore(),
                    $change->wordsAfter(),
                    $change->hexBefore(),
                    $change->hexAfter(),
                ),
                $preview->looks(),
            ),
            $preview->hindrance(),
        );
    }
}
