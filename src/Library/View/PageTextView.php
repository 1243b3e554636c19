<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** The text of a file. */
final readonly class PageTextView
{
    public function __construct(public string $text)
    {
    }
}
