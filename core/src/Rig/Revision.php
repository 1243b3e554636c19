<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;

/** A chart as it stood once: what units follow. It never changes, so everything that is made of it can be kept. */
final class Revision
{
    /** @var array<string, UnitMode> by mode */
    private array $modes = [];

    /**
     * @param string $id     of the revision
     * @param string $typeId of the fixture type
     * @param int    $number from 1
     * @param string $maker  of the type, as the library has it now
     * @param string $model  of the type, as the library has it now
     */
    public function __construct(
        public readonly string $id,
        public readonly string $typeId,
        public readonly int $number,
        public readonly string $maker,
        public readonly string $model,
        public readonly FixtureProfile $profile,
    ) {
    }

    /** @return UnitMode|null null for a mode that the chart lacks */
    public function mode(string $key): ?UnitMode
    {
        if (!isset($this->modes[$key])) {
            $mode = $this->profile->mode($key);
            if (null === $mode) {
                return null;
            }
            $this->modes[$key] = new UnitMode($this, $mode);
        }

        return $this->modes[$key];
    }

    /** @return list<Mode> those that a unit can be set to: with a channel at least */
    public function usableModes(): array
    {
        return array_values(array_filter($this->profile->modes, static fn (Mode $one): bool => $one->footprint() > 0));
    }

    public function follows(self $other): bool
    {
        return $this->id === $other->id;
    }

    /** @return list<string> */
    public function __serialize(): array
    {
        return ['id', 'typeId', 'number', 'maker', 'model', 'profile'];
    }
}
