<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Line\RadioKit;

/** A radio sender in a rig document. */
final readonly class LinkEntry
{
    /** @param string $name that the sender is set to, one of the kit's */
    public function __construct(public RadioKit $kit, public string $label, public string $name)
    {
    }
}
