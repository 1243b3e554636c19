<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Known;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Names;

/** What somebody said to know is told again. */
final readonly class LookAgain implements Change
{
    public function __construct(public string $known)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $known = $rig->knownFinding($this->known);
        $names = array_map(static fn (string $id): string => $rig->unit($id)->name, $known->units);

        return new Applied(
            $rig->withoutKnown($known->id),
            [] === $names ? 'Looks again at what was known' : 'Looks again at '.Names::few($names),
        );
    }
}
