<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** What an import brought in. */
final readonly class ImportedView
{
    /**
     * @param string       $kind  fixture, desk, rig or venue
     * @param list<string> $notes what of the document could not be taken over
     */
    public function __construct(public string $kind, public string $id, public string $name, public array $notes = [])
    {
    }
}
