<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** What one unit does in a look. */
final readonly class CellView
{
    /**
     * @param list<int>       $values one a channel, 0 to 255
     * @param IntentView|null $intent what is meant; null where a person set the faders
     */
    public function __construct(public string $unitId, public array $values, public ?IntentView $intent = null)
    {
    }
}
