<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A repair that one button carries out. */
final readonly class RepairView
{
    /**
     * @param string      $label     what the button says
     * @param string|null $fixtureId the fixture to change
     * @param string|null $address   new universe and address, as typed
     * @param string|null $receiver  new name for its receiver
     * @param string|null $mode      new mode
     * @param string|null $linkId    sender to remove
     * @param string|null $lookId    look to make steady
     * @param string|null $desk      what DeskRepairs is to do: move, mode, buttons, one or twin
     */
    public function __construct(public string $label, public ?string $fixtureId, public ?string $address = null, public ?string $receiver = null, public ?string $mode = null, public ?string $linkId = null, public ?string $lookId = null, public ?string $desk = null)
    {
    }
}
