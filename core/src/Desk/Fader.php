<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** One fader in one of its meanings, and the address it drives then. */
final readonly class Fader
{
    /** @param int|null $button null on a desk without fixture buttons or zones */
    public function __construct(
        public ?int $button,
        public int $page,
        public int $number,
        public int $address,
    ) {
    }
}
