<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Fixture;

/** One range on a printed ladder. */
final readonly class CardRung
{
    public function __construct(public int $from, public int $to, public string $span, public string $label, public CardPattern $pattern)
    {
    }
}
