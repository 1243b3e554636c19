<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** The switches of a unit as they must stand. */
final readonly class SwitchesView
{
    /**
     * @param string|null $pattern one character a switch, switch 1 first, "1" for up; null when the address cannot be spelt
     * @param string      $sum     how the switches that are up add up, in words
     */
    public function __construct(public int $count, public int $base, public ?string $pattern, public string $sum)
    {
    }
}
