<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\Emitter;
use Rigger\Core\Profile\FixtureProfile;

/** An emitter is not of the fixture; channels that drive it are told by the check of the chart. */
final readonly class RemoveEmitter implements ChartEdit
{
    public function __construct(private string $key)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        if (null === $profile->emitter($this->key)) {
            throw InputError::because(
                'emitter_unknown',
                'edit.key',
                \sprintf('The fixture lists no emitter %s.', InputError::quote($this->key)),
            );
        }

        return $profile->withEmitters(array_values(array_filter(
            $profile->emitters,
            fn (Emitter $emitter): bool => $emitter->key !== $this->key,
        )));
    }
}
