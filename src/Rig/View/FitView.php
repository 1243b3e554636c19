<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** Whether another mode or type fits where a unit stands, and what to do where it does not. */
final readonly class FitView
{
    /**
     * @param string      $words how it fits, or what it would run into
     * @param string|null $room  the first place with room, as typed
     * @param string|null $offer what the button says that also moves it
     */
    public function __construct(public bool $fits, public string $words, public ?string $room, public ?string $offer)
    {
    }
}
