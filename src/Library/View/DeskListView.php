<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** The desks in the library. */
final readonly class DeskListView
{
    /** @param list<DeskChoiceView> $desks by name */
    public function __construct(public array $desks)
    {
    }
}
