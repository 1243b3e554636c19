<?php

declare(strict_types=1);

namespace Rigger\App\Playback;

use Rigger\Core\Playback\Frame;

/** Where frames go out into the world. */
interface Output
{
    /** @return \Closure(Frame): void that takes each frame of a rig's desk */
    public function of(string $rigId, int $universe): \Closure;
}
