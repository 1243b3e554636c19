<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Change\Unit\Room;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

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

    public static function of(Unit $unit, Mode $mode, Rig $rig): self
    {
        $room = Room::of($rig, $unit, $mode);
        $free = $room->free;

        return new self(
            null === $room->trouble,
            $room->trouble ?? \sprintf(
                '%s fits where it is: %d channels, %03d to %03d.',
                $mode->name,
                $mode->footprint(),
                $unit->place->address,
                $unit->place->address + $mode->footprint() - 1,
            ),
            null === $free ? null : $free->universe.'/'.$free->address,
            null === $free ? null : \sprintf('Set it and move %s to %s: one ladder trip', $unit->name, $free->words()),
        );
    }
}
