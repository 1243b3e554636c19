<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** Typical emitters. */
final readonly class EmitterListView
{
    /** @param list<EmitterView> $emitters */
    public function __construct(public array $emitters)
    {
    }
}
