<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** What an operator measures on a desk and knows of its ways; no fader's address depends on it. */
final readonly class DeskManual
{
    public const TAPE_HEIGHT = 12.0;

    /**
     * @param float|null        $pitch        millimetres from fader to fader, centre to centre
     * @param float|null        $buttonPitch  millimetres between fixture buttons
     * @param float|null        $scenePitch   millimetres between scene keys
     * @param float|null        $tapeHeight   millimetres of height that there is for tape
     * @param Master|null       $master       null where nobody said
     * @param list<string>      $store        how a scene is stored, a line a step, with the placeholders of StoreLines
     * @param AfterProgram|null $afterProgram null where nobody said
     * @param bool|null         $hasRadio     a sender built in; null where nobody said
     */
    public function __construct(
        public ?float $pitch = null,
        public ?float $buttonPitch = null,
        public ?float $scenePitch = null,
        public ?float $tapeHeight = null,
        public ?Master $master = null,
        public DeskKeys $keys = new DeskKeys(),
        public array $store = [],
        public ?AfterProgram $afterProgram = null,
        public ?bool $hasRadio = null,
    ) {
    }

    public function hasMaster(): bool
    {
        return Master::All === $this->master || Master::Dimmers === $this->master;
    }
}
