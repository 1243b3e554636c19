<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** The worst of a line's remarks marks the line: in this order. */
enum RemarkCode: string
{
    case NotUnderstood = 'not_understood';
    case NoSuchFunction = 'no_such_function';
    case Guessed = 'guessed';
    case TurnedRound = 'turned_round';
}
