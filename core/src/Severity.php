<?php

declare(strict_types=1);

namespace Rigger\Core;

enum Severity: string
{
    /** Cannot be used. */
    case Error = 'error';
    /** Probably wrong. */
    case Warning = 'warning';
    /** True, and someone will be caught out. */
    case Caution = 'caution';
    case Note = 'note';
}
