<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Entity\PatchedFixture;
use Rigger\Core\Input\InputError;
use Rigger\Core\Light\CompiledMode;

/** The modes of a rig's fixtures, each made ready once however many units follow it. */
final class CompiledModes
{
    /** @var array<string, CompiledMode|null> by mode identity */
    private array $modes = [];

    /** @return CompiledMode|null null when the chart has errors: Fixtures reports them */
    public function of(PatchedFixture $fixture): ?CompiledMode
    {
        return $this->ready($fixture->modeIdentity(), $fixture->revision(), $fixture->modeKey());
    }

    public function ofRevision(FixtureRevision $revision, string $modeKey): ?CompiledMode
    {
        return $this->ready($revision->id().'/'.$modeKey, $revision, $modeKey);
    }

    private function ready(string $key, FixtureRevision $revision, string $modeKey): ?CompiledMode
    {
        if (!\array_key_exists($key, $this->modes)) {
            try {
                $this->modes[$key] = CompiledMode::of($revision->profile(), $modeKey);
            } catch (InputError) {
                $this->modes[$key] = null;
            }
        }

        return $this->modes[$key];
    }
}
