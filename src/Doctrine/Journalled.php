<?php

declare(strict_types=1);

namespace Rigger\App\Doctrine;

/** An entity whose every change belongs in the journal of the rig that is being worked on. */
interface Journalled
{
}
