<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** What somebody reads off a unit's display says of it. */
enum ShownKind: string
{
    /** The address that it shall have, in the mode that it shall be in. */
    case Right = 'right';
    /** Another address in that mode. */
    case Address = 'address';
    /** Another mode. */
    case Mode = 'mode';
    /** Its run state, leader or follower: another page of its menu. */
    case State = 'state';
    /** A sign that its chart explains. */
    case Sign = 'sign';
    /** Nothing that its chart knows. */
    case Unknown = 'unknown';
}
