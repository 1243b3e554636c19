<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Rig\HeldSlots as Held;
use Symfony\Component\Uid\Uuid;

/** Slots of a rig that somebody else plays. */
#[ORM\Entity, ORM\Table('held_slots')]
class HeldSlots implements Journalled
{
    use Identified;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Rig $rig;

    #[ORM\Column(type: 'text')]
    private string $name;

    #[ORM\Column]
    private int $universe;

    #[ORM\Column]
    private int $first;

    #[ORM\Column]
    private int $last;

    #[ORM\Column]
    public readonly int $place;

    private function __construct(Rig $rig, Held $held, int $place)
    {
        $this->id = Uuid::fromString($held->id);
        $this->rig = $rig;
        $this->place = $place;
        $this->become($held);
    }

    public static function of(Rig $rig, Held $held, int $place): self
    {
        return new self($rig, $held, $place);
    }

    public function become(Held $held): void
    {
        [$this->name, $this->universe, $this->first, $this->last] = [$held->name, $held->universe, $held->span->first, $held->span->last()];
    }
}
