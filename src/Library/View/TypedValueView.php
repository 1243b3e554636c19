<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** What was typed, as a value. */
final readonly class TypedValueView
{
    /** @param int $value 0 to 255 */
    public function __construct(public int $value)
    {
    }
}
