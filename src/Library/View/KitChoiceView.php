<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** A radio kit on the shelf. */
final readonly class KitChoiceView
{
    /** @param string $words "8 × name" */
    public function __construct(public string $id, public string $name, public string $words)
    {
    }
}
