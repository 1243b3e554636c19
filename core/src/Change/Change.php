<?php

declare(strict_types=1);

namespace Rigger\Core\Change;

use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\NotThere;
use Rigger\Core\Rig\Rig;

/**
 * One thing that can be done to a rig. As JSON it is {"do": the class's name in words with hyphens, and the members of its constructor};
 * ChangeReader reads it.
 */
interface Change
{
    /**
     * @throws InputError at the member that is to blame
     * @throws NotThere   for what does not stand there any more
     * @throws Refused    for what does not fit what is there
     */
    public function applyTo(Rig $rig, World $world): Applied;
}
