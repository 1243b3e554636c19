<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

/** A radio sender in a rig document. */
final readonly class LinkEntry
{
    /**
     * @param int    $kit  index among the document's kits
     * @param string $name that it is set to
     */
    public function __construct(public int $kit, public string $label, public string $name)
    {
    }
}
