<?php

declare(strict_types=1);

namespace Rigger\App\Wastebasket\View;

/** What was thrown away and can still come back. */
final readonly class WastebasketView
{
    /**
     * @param list<ThrownView> $thrown newest first
     * @param list<string>     $kept   after emptying: what stays all the same, and why, in words
     */
    public function __construct(public array $thrown, public array $kept = [])
    {
    }
}
