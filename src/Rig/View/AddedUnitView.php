<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A unit that would be hung, with the slots that it would listen to. */
final readonly class AddedUnitView
{
    public function __construct(public string $name, public int $universe, public int $address, public int $last)
    {
    }
}
