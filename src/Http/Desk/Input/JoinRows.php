<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk\Input;

final readonly class JoinRows
{
    /** @param bool $isWide whether two rows are joined into one */
    public function __construct(public int $version, public bool $isWide)
    {
    }
}
