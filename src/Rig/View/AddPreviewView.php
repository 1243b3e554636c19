<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** What adding would do; nothing has changed yet. */
final readonly class AddPreviewView
{
    /** @param list<AddedUnitView> $units */
    public function __construct(public array $units, public string $sentence)
    {
    }
}
