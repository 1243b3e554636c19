<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

final readonly class CountPresses
{
    /** @param int $from what the display shows now, 1 to 512 */
    public function __construct(public int $from)
    {
    }
}
