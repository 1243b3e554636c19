<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** One part of what units of a kit are set to. */
final readonly class KitPartView
{
    /** @param list<string> $values */
    public function __construct(public string $label, public array $values)
    {
    }
}
