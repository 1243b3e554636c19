<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use Rigger\Core\Compare\ModeCost;
use Rigger\Core\Profile\Mode;

/** What a mode takes up. */
final readonly class ModeCostView
{
    /**
     * @param int      $slots      of 512 for all the rig's units, each at an address of its own
     * @param int|null $faders     of the desk for one unit; null without a desk
     * @param bool     $isComplete whether the channels listed make the count that the manual states
     */
    public function __construct(
        public string $key,
        public string $name,
        public ?string $display,
        public int $channels,
        public int $unitsInAUniverse,
        public int $slots,
        public ?int $faders,
        public string $fadersSentence,
        public string $cellsSentence,
        public bool $isComplete,
    ) {
    }

    public static function of(Mode $mode, ModeCost $cost): self
    {
        return new self(
            $mode->key,
            $mode->name,
            $mode->display,
            $cost->channels,
            $cost->unitsInAUniverse,
            $cost->slots,
            $cost->fadersOfDesk,
            $cost->sentence(),
            $cost->cells->sentence(),
            0 === $cost->cells->missing(),
        );
    }
}
