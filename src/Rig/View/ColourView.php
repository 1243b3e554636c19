<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Srgb;
use Rigger\Core\Colour\Uv;

/** A colour in the diagram of equal steps. */
final readonly class ColourView
{
    /**
     * @param string $label what it is called: an emitter's key, or the colour as it was said
     * @param float  $u     u′ of CIE 1976
     * @param float  $v     v′
     * @param string $hex   on a screen, as bright as that goes
     */
    public function __construct(
        public string $label,
        public float $x,
        public float $y,
        public float $u,
        public float $v,
        public string $hex,
    ) {
    }

    public static function of(string $label, Chromaticity $colour): self
    {
        $uv = Uv::of($colour);

        return new self($label, $colour->x, $colour->y, $uv->u, $uv->v, Srgb::hex($colour));
    }
}
