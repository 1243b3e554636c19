<?php

declare(strict_types=1);

namespace Rigger\Core\Light;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Srgb;
use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\Range;

/**
 * A range with what evaluation needs of it worked out beforehand: an engine object of plain scalars, one for all 256
 * values, so that a frame of a whole rig costs little more than additions.
 *
 * @internal
 */
final class CompiledRange
{
    public readonly int $from;
    public readonly ?string $emitter;
    public readonly string $label;
    public readonly float $start;
    /** From the first value to the last; longer by 255/256 with a fine byte; never 0. */
    private readonly float $length;
    private readonly float $change;
    /** False when the maker gives no figure. */
    public readonly bool $isKnown;

    private function __construct(Range $range, public readonly Role $role, bool $hasFine, public readonly ?Chromaticity $colour = null)
    {
        $this->from = $range->from;
        $this->emitter = $range->emitter;
        $this->label = $range->label;
        $this->isKnown = null !== $range->start && null !== $range->end;
        $this->start = $range->start ?? 0.0;
        $length = $range->to - $range->from + ($hasFine ? 255 / 256 : 0);
        $this->length = $length > 0 ? $length : 1.0;
        $this->change = ($range->end ?? 0.0) - $this->start;
    }

    /** @throws InputError no_colour for a preset of black */
    public static function of(Range $range, bool $hasFine): self
    {
        $role = Role::of($range->function);
        if (Role::Wheel === $role) {
            $role = null === $range->hex ? Role::Idle : Role::Preset;
        }
        $colour = Role::Preset === $role ? Srgb::chromaticity((string) $range->hex, 'profile') : null;

        return new self($range, $role, $hasFine, $colour);
    }

    /** The quantity at a value of the range; $fine is 0 where there is no fine channel. */
    public function at(int $value, int $fine): float
    {
        // The quotient first: it is exactly 1 at the end, so that a falling range ends exactly at its end.
        return $this->start + ($value + $fine / 256 - $this->from) / $this->length * $this->change;
    }
}
