<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Plan\LargeSet;

/** What a large set takes, and where one of its units is. */
final readonly class LargeSetView
{
    /**
     * @param string      $words     universes and receivers, in a sentence
     * @param string|null $unitWords where the unit is that was asked for
     */
    public function __construct(
        public string $words,
        public int $universes,
        public int $perUniverse,
        public ?int $receivers,
        public ?int $perReceiver,
        public ?string $unitWords,
    ) {
    }

    public static function of(LargeSet $set, ?int $k): self
    {
        $unit = null === $k ? null : $set->unit($k);

        return new self(
            $set->sentence(),
            $set->universes(),
            $set->perUniverse,
            $set->receivers(),
            $set->perReceiver,
            null === $unit
                ? null
                : \sprintf(
                    'Unit %d: u%d %03d to %03d%s.',
                    $k,
                    $unit['universe'],
                    $unit['address'],
                    $unit['last'],
                    null === $unit['receiver']
                        ? ''
                        : \sprintf(', receiver %d, outputs %d–%d', $unit['receiver'], $unit['outputFrom'], $unit['outputTo']),
                ),
        );
    }
}
