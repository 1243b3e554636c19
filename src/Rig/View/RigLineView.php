<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A rig on the list of rigs. */
final readonly class RigLineView
{
    /** @param list<string> $tape names of its units, in the order of the patch */
    public function __construct(
        public string $id,
        public string $name,
        public string $venue,
        public ?string $desk,
        public int $version,
        public array $tape,
    ) {
    }
}
