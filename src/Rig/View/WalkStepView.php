<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** One step of a walk. */
final readonly class WalkStepView
{
    /**
     * @param \stdClass    $slots   value 0 to 255 by address; all others are at 0
     * @param int|null     $address the fader that is walked; null when whole units go up
     * @param string       $words   what goes up
     * @param list<string> $unitIds those that should answer
     */
    public function __construct(public \stdClass $slots, public ?int $address, public string $words, public array $unitIds)
    {
    }
}
