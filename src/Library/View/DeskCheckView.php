<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** What follows from a description of a desk, or what is wrong with it. */
final readonly class DeskCheckView
{
    /**
     * @param list<string>                 $facts    sentences to check at the desk; none while something is wrong
     * @param list<DescriptionProblemView> $problems
     * @param list<string>                 $usual    how a scene would be said to be stored, where nobody describes it
     */
    public function __construct(public array $facts, public array $problems, public array $usual)
    {
    }
}
