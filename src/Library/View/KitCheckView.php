<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** What follows from a description of a radio kit, or what is wrong with it. */
final readonly class KitCheckView
{
    /**
     * @param list<string>                 $facts    sentences to check on the kit; none while something is wrong
     * @param list<DescriptionProblemView> $problems
     */
    public function __construct(public array $facts, public array $problems)
    {
    }
}
