<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Colour\Srgb;
use Rigger\Core\Look\UnitIntent;

/** How a unit should light in a look, and how it is said. */
final readonly class IntentView
{
    /**
     * @param float       $level  0 to 1
     * @param string|null $colour as it was said: "#ff8600", "3200 K"; null: as it comes
     * @param string|null $hex    the same on a screen
     * @param string      $recipe brightest, white-first, three
     * @param float       $flash  flashes a second, 0 for steady
     */
    public function __construct(
        public float $level,
        public ?string $colour,
        public ?string $hex,
        public ?float $x,
        public ?float $y,
        public string $recipe,
        public float $flash,
    ) {
    }

    public static function of(UnitIntent $intent): self
    {
        $colour = $intent->colour?->chromaticity;

        return new self(
            $intent->level,
            $intent->colour?->words(),
            null === $colour ? null : Srgb::hex($colour),
            $colour?->x,
            $colour?->y,
            $intent->recipe->value,
            $intent->flash,
        );
    }
}
