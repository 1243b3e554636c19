<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Desk\Desk;
use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Profile\FixtureProfile;

/**
 * A whole venue as the open format `rigger-venue`, version 2: every rig, the charts they follow with all revisions, the desks and
 * the radio kits.
 */
final readonly class VenueDocument
{
    public const FORMAT = 'rigger-venue';
    public const VERSION = 2;

    /**
     * @param list<non-empty-list<FixtureProfile>> $charts each type's revisions, oldest first
     * @param list<Desk>                           $desks
     * @param list<RigDocument>                    $rigs   of this venue, oldest first
     * @param list<Kit>                            $kits   since version 2
     */
    public function __construct(public string $name, public array $charts, public array $desks, public array $rigs, public array $kits = [])
    {
    }
}
