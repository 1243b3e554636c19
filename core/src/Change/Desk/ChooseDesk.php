<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Desk;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** The desk that the rig is played on. */
final readonly class ChooseDesk implements Change
{
    /** @param string|null $desk id of a description; null for none */
    public function __construct(public ?string $desk)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $desk = null === $this->desk ? null : $world->desk($this->desk);

        return new Applied($rig->playedOn($desk), match (true) {
            null === $desk => 'Took the desk away',
            $rig->desk()?->name === $desk->desk->name => \sprintf('Described %s anew', $desk->desk->name),
            default => \sprintf('Chose the desk %s', $desk->desk->name),
        });
    }
}
