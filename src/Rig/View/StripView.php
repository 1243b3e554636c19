<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** One fader in one of its meanings. */
final readonly class StripView
{
    /**
     * @param string|null        $label    what it does to the fixture that sits there; null when it moves nothing
     * @param list<StripUseView> $fixtures every fixture's channel that it moves
     * @param list<RangeView>    $ranges   of the first fixture's channel
     */
    public function __construct(
        public ?int $button,
        public int $page,
        public int $fader,
        public int $address,
        public ?string $label,
        public array $fixtures,
        public array $ranges,
    ) {
    }
}
