<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A chart that units of this rig follow. */
final readonly class TypeUseView
{
    /** @param int $latest number of the newest revision in the library */
    public function __construct(
        public string $typeId,
        public string $maker,
        public string $model,
        public int $used,
        public int $revision,
        public int $latest,
    ) {
    }
}
