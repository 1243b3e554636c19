<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\App\Library\View\ComparisonView;

/** What taking a newer revision would change. */
final readonly class TakePreviewView
{
    /**
     * @param list<ComparisonView>  $charts    for each mode that units of the rig use
     * @param list<FaderChangeView> $faders    whose name changes
     * @param list<LookChangeView>  $looks     lamps that would shine otherwise
     * @param string|null           $hindrance why it cannot be taken now
     */
    public function __construct(public int $from, public int $to, public array $charts, public array $faders, public array $looks, public ?string $hindrance)
    {
    }
}
