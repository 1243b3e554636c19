<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Chart;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** A chart for a fixture that the library does not have. */
final readonly class BeginType implements Change
{
    /**
     * @param string|null $like     id of a look-alike whose chart it starts from
     * @param string|null $likeMode the one mode to take over; null for all
     */
    public function __construct(
        public string $maker,
        public string $model,
        public string $kind,
        public ?string $like = null,
        public ?string $likeMode = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $id = $world->beginType($this->maker, $this->model, $this->kind, $this->like, $this->likeMode);

        return new Applied($rig, \sprintf('Began a chart for %s %s', trim($this->maker), trim($this->model)), [$id]);
    }
}
