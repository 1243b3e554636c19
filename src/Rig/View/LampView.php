<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Finding\LightWords;
use Rigger\Core\Playback\Lamp;

/** One unit on the stage strip. */
final readonly class LampView
{
    /**
     * @param string             $state silent, busy, lit, partly, dark or no_lamp
     * @param list<LampCellView> $cells
     * @param string|null        $why   why it is dark, silent or running by itself
     */
    public function __construct(
        public string $unitId,
        public string $name,
        public string $state,
        public array $cells,
        public ?float $pan,
        public ?float $tilt,
        public ?string $selfRunning,
        public ?string $why,
    ) {
    }

    public static function of(Lamp $lamp): self
    {
        return new self(
            $lamp->id,
            $lamp->name,
            $lamp->light->state->value,
            array_map(static fn (array $cell): LampCellView => new LampCellView(...$cell), $lamp->light->cells),
            $lamp->light->pan,
            $lamp->light->tilt,
            $lamp->light->selfRunning,
            LightWords::why($lamp->causes, $lamp->name),
        );
    }
}
