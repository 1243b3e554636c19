<?php

declare(strict_types=1);

namespace Rigger\App\Journal;

use Rigger\App\Entity\Rig;

/** Whose change is being made just now, and in which words it goes into the log. */
final class Journal
{
    private ?Rig $rig = null;
    private string $sentence = '';

    public function open(Rig $rig, string $sentence): void
    {
        $this->rig = $rig;
        $this->sentence = $sentence;
    }

    public function close(): void
    {
        $this->rig = null;
    }

    /** @return array{Rig, string}|null null while no rig is being changed: imports and the making of a rig have no entry */
    public function entry(): ?array
    {
        return null === $this->rig ? null : [$this->rig, $this->sentence];
    }
}
