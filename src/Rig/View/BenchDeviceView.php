<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A sender or receiver on the bench. */
final readonly class BenchDeviceView
{
    /**
     * @param float|null            $onAt    when it was switched on, in seconds
     * @param string|null           $held    button that a hand is on
     * @param string                $state   off, linked, alone, searching, pairing, cleared or low-battery
     * @param string                $means   the same in words
     * @param string|null           $colour  of its lamp; null where the leaflet does not say, or it is off
     * @param string|null           $pattern in tenths of a second: 1 lit, 0 dark
     * @param string|null           $lamp    the lamp in words
     * @param list<string>          $hears   senders that a receiver hears
     * @param list<BenchOutputView> $outputs that are given their addresses by hand
     */
    public function __construct(
        public string $id,
        public bool $isOn,
        public ?float $onAt,
        public string $setting,
        public ?string $held,
        public string $state,
        public string $means,
        public ?string $colour,
        public ?string $pattern,
        public ?string $lamp,
        public array $hears,
        public array $outputs,
    ) {
    }
}
