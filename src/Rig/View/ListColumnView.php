<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A column of a list that somebody brings. */
final readonly class ListColumnView
{
    /**
     * @param string      $sample  from the first row
     * @param string|null $meaning what it is taken for; null for nothing
     */
    public function __construct(public string $head, public string $sample, public ?string $meaning)
    {
    }
}
