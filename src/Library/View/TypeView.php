<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** A fixture type in the library. */
final readonly class TypeView
{
    /** @param list<ModeView> $modes of its newest revision */
    public function __construct(
        public string $id,
        public string $maker,
        public string $model,
        public string $kind,
        public int $revision,
        public array $modes,
    ) {
    }
}
