<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

/** One change of a patched fixture: the member that is given says which. */
final readonly class ChangeFixture
{
    /**
     * @param string|null $address as typed: "37", "1/37", "1.037"
     * @param bool|null   $isSet   ticked on the walk-round
     */
    public function __construct(
        public int $version,
        public ?string $name = null,
        public ?string $address = null,
        public ?string $mode = null,
        public ?string $position = null,
        public ?bool $isSet = null,
    ) {
    }
}
