<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A radio sender. */
final readonly class LinkView
{
    /**
     * @param string             $kit        name of its kit
     * @param string             $name       that the sender is set to
     * @param list<string>       $names      that units of the kit can be set to, in the order of their buttons
     * @param SpotView|null      $spot       of its aerial
     * @param string             $place      open, seated or walls
     * @param list<float>        $obstacles  in dB
     * @param string|null        $band       "2403–2407 MHz"
     * @param list<ReachView>    $reach      of the units behind it whose place is known
     * @param list<KitPartView>  $parts      of which such a name is made
     * @param list<ReceiverView> $receivers  that several units share
     * @param int                $outputs    of a receiver; 0 where it hands all data on
     * @param bool               $isAssigned whether each output is given its address by a fader and a button
     */
    public function __construct(
        public string $id,
        public string $kitId,
        public string $kit,
        public string $label,
        public string $name,
        public array $names,
        public array $parts,
        public ?SpotView $spot,
        public string $place,
        public array $obstacles,
        public ?string $band,
        public array $reach,
        public array $receivers,
        public int $outputs,
        public bool $isAssigned,
    ) {
    }
}
