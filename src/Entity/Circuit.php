<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Rig\Power\Circuit as Core;
use Symfony\Component\Uid\Uuid;

/** A breaker of the house, or an outlet that hangs on another circuit. */
#[ORM\Entity]
class Circuit implements Journalled
{
    use Identified;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Rig $rig;

    #[ORM\Column(type: 'text')]
    private string $name;

    #[ORM\Column]
    private float $amps;

    /** The one that it hangs on. */
    #[ORM\ManyToOne]
    private ?Circuit $fedBy = null;

    #[ORM\Column]
    public readonly int $place;

    private function __construct(Rig $rig, Core $circuit, ?self $fedBy, int $place)
    {
        $this->id = Uuid::fromString($circuit->id);
        $this->rig = $rig;
        $this->place = $place;
        $this->become($circuit, $fedBy);
    }

    public static function of(Rig $rig, Core $circuit, ?self $fedBy, int $place): self
    {
        return new self($rig, $circuit, $fedBy, $place);
    }

    public function become(Core $circuit, ?self $fedBy): void
    {
        $this->name = $circuit->name;
        $this->amps = $circuit->amps;
        $this->fedBy = $fedBy;
    }
}
