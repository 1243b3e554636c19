<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** What a sign of the unit means: letters on its display, a pattern of its lamp. */
final readonly class Legend
{
    public function __construct(public string $sign, public string $meaning)
    {
    }

    /** @return array{sign: string, meaning: string} */
    public function toArray(): array
    {
        return ['sign' => $this->sign, 'meaning' => $this->meaning];
    }
}
