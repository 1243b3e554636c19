<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** The radio kits in the library. */
final readonly class KitListView
{
    /** @param list<KitChoiceView> $kits by name */
    public function __construct(public array $kits)
    {
    }
}
