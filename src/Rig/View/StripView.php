<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** One fader in one of its meanings. */
final readonly class StripView
{
    /**
     * @param string|null        $label  what it does to the unit that sits there; null when it moves nothing
     * @param list<StripUseView> $units  every unit's channel that it moves
     * @param list<RangeView>    $ranges of the first unit's channel
     */
    public function __construct(
        public ?int $button,
        public int $page,
        public int $fader,
        public int $address,
        public ?string $label,
        public array $units,
        public array $ranges,
    ) {
    }
}
