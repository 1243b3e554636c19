<?php

declare(strict_types=1);

namespace Rigger\Core\Change;

/** Something that could be done: shown first, and carried out as just these changes. */
final readonly class Proposal
{
    /**
     * @param string                 $label   what its button says
     * @param non-empty-list<Change> $changes
     * @param int                    $trips   how often somebody has to go up a ladder
     * @param list<string>           $givesUp what is lost by it, in words
     */
    public function __construct(public string $label, public array $changes, public int $trips = 0, public array $givesUp = [])
    {
    }

    /** "one ladder trip", "3 ladder trips". */
    public static function tripsInWords(int $count): string
    {
        return 1 === $count ? 'one ladder trip' : $count.' ladder trips';
    }
}
