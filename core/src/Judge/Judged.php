<?php

declare(strict_types=1);

namespace Rigger\Core\Judge;

use Rigger\Core\Change\Proposal;
use Rigger\Core\Finding\Finding;

/** A finding, and what could be done about it. */
final readonly class Judged
{
    /** @param list<Proposal> $proposals the smallest first */
    public function __construct(public Finding $finding, public array $proposals)
    {
    }
}
