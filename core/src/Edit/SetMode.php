<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;

/** What the manual says of a mode beside its channels. */
final readonly class SetMode implements ChartEdit
{
    /**
     * @param array{name?: string, count?: int, display?: string|null, setup?: string|null} $wish members that are not there stay as they
     *                                                                                            are
     */
    public function __construct(private string $modeKey, private array $wish)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $mode = Target::modeOf($profile, $this->modeKey);

        return $profile->withMode(new Mode(
            $mode->key,
            $this->wish['name'] ?? $mode->name,
            $this->wish['count'] ?? $mode->count,
            $mode->channels,
            \array_key_exists('display', $this->wish) ? $this->wish['display'] : $mode->display,
            \array_key_exists('setup', $this->wish) ? $this->wish['setup'] : $mode->setup,
        ));
    }
}
