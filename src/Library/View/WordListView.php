<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** Words of the range language. */
final readonly class WordListView
{
    /** @param list<string> $words */
    public function __construct(public array $words)
    {
    }
}
