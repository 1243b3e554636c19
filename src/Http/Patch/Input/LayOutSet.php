<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

use Rigger\Core\Plan\LargeSet;

/** Many equal units, one after another. */
final readonly class LayOutSet
{
    /**
     * @param int|null $outputs  outputs of a receiver, one channel each; null where each unit listens by itself
     * @param int      $universe the first one
     * @param int      $first    address at which every universe begins
     * @param int|null $unit     the one that is asked for, from 1
     */
    public function __construct(
        public int $count,
        public int $footprint,
        public ?int $outputs = null,
        public int $universe = 1,
        public int $first = 1,
        public ?int $unit = null,
    ) {
    }

    public function set(): LargeSet
    {
        return new LargeSet($this->count, $this->footprint, $this->outputs, $this->universe, $this->first);
    }
}
