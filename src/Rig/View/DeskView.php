<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** The rig's desk, and what each of its faders moves. */
final readonly class DeskView
{
    /**
     * @param list<int>       $starts address at which each button or zone begins; empty for layouts without
     * @param int             $reach  channels that one button or zone drives
     * @param list<StripView> $strips every fader in each of its meanings
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $layout,
        public int $universe,
        public int $first,
        public ?int $buttons,
        public ?int $stride,
        public int $faders,
        public int $pages,
        public ?int $banks,
        public ?int $scenesPerBank,
        public array $starts,
        public int $reach,
        public array $strips,
    ) {
    }
}
