<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;

/** Something to remember of it. */
final readonly class NoteUnit implements Change
{
    /** @param string $note blank for none */
    public function __construct(public string $unit, public string $note)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit)->withNote(Limits::note($this->note, 'note'));

        return new Applied(
            $rig->withUnits($unit),
            \sprintf(null === $unit->note ? 'Took the note off %s' : 'Noted something of %s', $unit->name),
        );
    }
}
