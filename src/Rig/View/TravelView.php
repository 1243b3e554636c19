<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** What a fader's travel becomes through a curve. */
final readonly class TravelView
{
    /**
     * @param list<int>   $values 256 of them
     * @param string      $words  dead travel, with its numbers
     * @param string|null $glow   what is left on in a blackout
     */
    public function __construct(public array $values, public string $words, public ?string $glow)
    {
    }
}
