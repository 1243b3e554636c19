<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Shape;

/** Values 0 to 255 by address 1 to 512. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Slots
{
}
