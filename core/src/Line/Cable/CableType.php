<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

enum CableType: string
{
    /** Made for the job: 120 ohms (ANSI E1.11). */
    case Data = 'data';
    /** Whatever hangs on the hook: may work when short. */
    case Microphone = 'microphone';
    /** Twisted pairs for computers. */
    case Network = 'network';

    /** As people say it: "microphone cable". */
    public function words(): string
    {
        return $this->value.' cable';
    }
}
