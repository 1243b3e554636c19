<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;

/** A mode goes, with its channels. */
final readonly class RemoveMode implements ChartEdit
{
    public function __construct(private string $modeKey)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $gone = Target::modeOf($profile, $this->modeKey);

        return $profile->withModes(array_values(array_filter($profile->modes, static fn (Mode $mode): bool => $mode !== $gone)));
    }
}
