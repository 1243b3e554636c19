<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A data run. */
final readonly class RunView
{
    /**
     * @param string            $at         desk, splitter, or nowhere: where it begins
     * @param string|null       $splitterId item of another run that it begins at
     * @param int|null          $output     counted from 1
     * @param string            $from       "Tenfold 10, output 1"
     * @param int|null          $universe   that it carries; null where it is plugged in nowhere
     * @param string            $ends       of the socket that it begins at: 3-pin, 5-pin, rj45 or bare
     * @param string            $end        terminator, open, splitter, or empty where nothing hangs on it
     * @param float             $load       in unit loads
     * @param float             $metres     of the cables whose length is known
     * @param int               $unknown    cables of no known length
     * @param list<RunItemView> $items      in the order of the cable
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $at,
        public ?string $splitterId,
        public ?int $output,
        public string $from,
        public ?int $universe,
        public string $ends,
        public bool $isTerminated,
        public string $end,
        public float $load,
        public float $metres,
        public int $unknown,
        public array $items,
    ) {
    }
}
