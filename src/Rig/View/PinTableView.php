<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** Which contact carries what. */
final readonly class PinTableView
{
    /**
     * @param string        $ends 3-pin, 5-pin, rj45 or bare
     * @param list<PinView> $pins
     */
    public function __construct(public string $ends, public string $name, public array $pins, public string $note)
    {
    }
}
