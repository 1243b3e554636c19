<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Chart;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Rig\Rig;

/** An edited chart into the library. Units go on following the revision that they follow. */
final readonly class WriteChart implements Change
{
    /** @param int $revision number of the one that was edited */
    public function __construct(public string $type, public int $revision, public FixtureProfile $chart)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        return new Applied($rig, $world->writeChart($this->type, $this->revision, $this->chart));
    }
}
