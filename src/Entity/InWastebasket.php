<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** What can be thrown away, and come back whole. */
trait InWastebasket
{
    /** When it went into the wastebasket; null for what is in use. */
    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $thrownAt = null;

    public function throwAway(\DateTimeImmutable $at): void
    {
        $this->thrownAt = $at;
    }

    public function bringBack(): void
    {
        $this->thrownAt = null;
    }

    public function thrownAt(): ?\DateTimeImmutable
    {
        return $this->thrownAt;
    }
}
