<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

/** A unit in a rig document. */
final readonly class FixtureEntry
{
    /**
     * @param int         $type     index of its chart among the document's types
     * @param string      $mode     key of one of that chart's modes
     * @param int|null    $link     index among the document's links; null for cable
     * @param string|null $receiver name that its receiver is set to
     * @param string|null $position where it hangs, in the operator's words
     */
    public function __construct(
        public string $name,
        public int $type,
        public string $mode,
        public int $universe,
        public int $address,
        public ?int $link,
        public ?string $receiver,
        public ?string $position = null,
    ) {
    }
}
