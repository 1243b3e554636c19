<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

enum DeviceKind: string
{
    case Fixture = 'fixture';
    case Receiver = 'receiver';
    /** Ends a run; its outputs begin others. */
    case Splitter = 'splitter';
    case Dimmer = 'dimmer';
}
