<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Colour\Srgb;
use Rigger\Core\Profile\Emitter;
use Rigger\Core\Profile\Range;

/** A range beside a fader's travel. */
final readonly class RangeView
{
    /**
     * @param string|null $emitter key of the emitter that it drives
     * @param float|null  $start   quantity at `from`, as the chart has it
     * @param float|null  $end     quantity at `to`
     */
    public function __construct(
        public int $from,
        public int $to,
        public string $label,
        public string $function,
        public ?string $hex,
        public ?string $emitter,
        public ?float $start,
        public ?float $end,
    ) {
    }

    /** @param Emitter|null $driven the emitter that the range drives: its screen colour stands for it */
    public static function of(Range $range, ?Emitter $driven): self
    {
        $hex = $range->hex ?? (null === $driven ? null : Srgb::hex($driven->chromaticity));

        return new self(
            $range->from,
            $range->to,
            $range->title(),
            $range->function->value,
            $hex,
            $range->emitter,
            $range->start,
            $range->end,
        );
    }
}
