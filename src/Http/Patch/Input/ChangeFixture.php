<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

/** Changes of a patched fixture: every member that is given is one, and all are made or none. */
final readonly class ChangeFixture
{
    /**
     * @param string|null $address  as typed: "37", "1/37", "1.037", "u1-37"
     * @param string|null $number   as typed; "" for none
     * @param string|null $groups   names with commas between
     * @param string|null $tape     cream, white, grey, sand, pink, sage or sky
     * @param string|null $pan      where pan is turned round: unit, software or "" for nowhere
     * @param string|null $tilt     as pan
     * @param bool|null   $isSet    ticked on the walk-round
     * @param bool|null   $isProved switched off and on, and it had kept what was set
     */
    public function __construct(
        public int $version,
        public ?string $name = null,
        public ?string $address = null,
        public ?string $mode = null,
        public ?string $position = null,
        public ?string $number = null,
        public ?string $groups = null,
        public ?string $note = null,
        public ?string $tape = null,
        public ?string $pan = null,
        public ?string $tilt = null,
        public ?bool $isLocked = null,
        public ?bool $isSet = null,
        public ?bool $isProved = null,
    ) {
    }
}
