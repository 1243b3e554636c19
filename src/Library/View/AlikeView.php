<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** Another fixture with a mode of the same shape. */
final readonly class AlikeView
{
    public function __construct(
        public string $typeId,
        public string $maker,
        public string $model,
        public string $kind,
        public string $mode,
        public string $modeName,
        public int $channels,
    ) {
    }
}
