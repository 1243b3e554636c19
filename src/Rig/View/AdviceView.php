<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A plan for the desk beside the patch as it is. */
final readonly class AdviceView
{
    /**
     * @param list<AdviceRowView> $rows     in the order of the wishes
     * @param string              $sentence trips, buttons and faders
     * @param list<string>        $warnings what would still be wrong
     * @param int                 $changes  ladder trips
     */
    public function __construct(public array $rows, public string $sentence, public array $warnings, public int $changes)
    {
    }
}
