<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

use Rigger\Core\Severity;

/** What is wrong with a data run, by its figures; in the order in which they are told. */
final readonly class RunFault
{
    /**
     * @param string                          $code    too_many, long, no_terminator, microphone_cable, adapters, after_splitter
     * @param array<string, int|float|string> $figures load and limit; metres and limit; count and limit
     * @param string|null                     $device  whom it is about, where it is about one
     */
    public function __construct(
        public string $code,
        public Severity $severity,
        public array $figures = [],
        public ?string $device = null,
    ) {
    }
}
