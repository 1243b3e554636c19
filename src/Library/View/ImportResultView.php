<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** One file: brought in, or why not. */
final readonly class ImportResultView
{
    public function __construct(public string $file, public ?ImportedView $done, public ?string $problem)
    {
    }
}
