<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\Emitter;
use Rigger\Core\Profile\FixtureProfile;

/** An emitter with its figures: in the place of the one of the same key, or after all. */
final readonly class PutEmitter implements ChartEdit
{
    public function __construct(private Emitter $emitter)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $known = null !== $profile->emitter($this->emitter->key);
        $emitters = array_map(
            fn (Emitter $emitter): Emitter => $emitter->key === $this->emitter->key ? $this->emitter : $emitter,
            $profile->emitters,
        );

        return $profile->withEmitters($known ? $emitters : [...$emitters, $this->emitter]);
    }
}
