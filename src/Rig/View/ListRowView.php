<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A row of a list that somebody brings. */
final readonly class ListRowView
{
    /**
     * @param string $what  new, change, same, or left out
     * @param string $words what would change, or why it is left out
     */
    public function __construct(public int $line, public string $name, public string $what, public string $words)
    {
    }
}
