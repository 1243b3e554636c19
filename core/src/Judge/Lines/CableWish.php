<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Position\Spot;

/** What somebody asks of cable that is laid by the tool. */
final readonly class CableWish
{
    public const MOST_RUNS = 8;

    /**
     * @param list<string> $units    none stands for all that hang on cable
     * @param string|null  $splitter item that the runs begin at; null for the desk
     * @param int          $runs     at most, 1 to 8
     * @param int          $perRun   devices on each, from 1
     * @param Spot|null    $desk     where the desk's outputs are; null as it is known
     */
    public function __construct(
        public array $units = [],
        public ?string $splitter = null,
        public int $runs = 1,
        public int $perRun = 32,
        public ?Spot $desk = null,
    ) {
    }
}
