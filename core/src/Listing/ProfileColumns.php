<?php

declare(strict_types=1);

namespace Rigger\Core\Listing;

/** The columns of a chart as a list, one row a range. */
final class ProfileColumns
{
    public const ALL = [
        'maker', 'model', 'kind', 'watts', 'pan', 'tilt', 'switches', 'emitters', 'mode', 'mode name', 'count', 'display', 'setup',
        'channel', 'name', 'cell', 'fine of', 'rests at', 'from', 'to', 'range', 'function', 'start', 'end', 'emitter', 'hex', 'slot',
    ];
    public const NEEDED = ['maker', 'model', 'mode', 'channel'];
}
