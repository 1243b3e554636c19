<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

final readonly class PairingStepView
{
    /**
     * @param float|null  $from    seconds after switching on from which it may be done
     * @param float|null  $to      seconds after switching on by which it must be done
     * @param string|null $pattern of the lamp that is to be seen then, in tenths of a second
     * @param string|null $lamp    the same in words
     */
    public function __construct(
        public string $words,
        public ?float $from,
        public ?float $to,
        public ?string $pattern,
        public ?string $lamp,
    ) {
    }
}
