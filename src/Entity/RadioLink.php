<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Line\RadioKit;
use Rigger\Core\Rig\Link;
use Symfony\Component\Uid\Uuid;

/** A radio sender and the name it is set to. */
#[ORM\Entity]
class RadioLink implements Journalled
{
    use Identified;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Rig $rig;

    #[ORM\Column(type: 'text', enumType: RadioKit::class)]
    public readonly RadioKit $kit;

    /** What the operator calls the sender. */
    #[ORM\Column(type: 'text')]
    private string $label;

    /** The name that the sender is set to. */
    #[ORM\Column(type: 'text')]
    private string $name;

    #[ORM\Column]
    public readonly int $place;

    private function __construct(Rig $rig, Link $link, int $place)
    {
        $this->id = Uuid::fromString($link->id);
        $this->rig = $rig;
        $this->kit = $link->kit;
        $this->place = $place;
        $this->become($link);
    }

    public static function of(Rig $rig, Link $link, int $place): self
    {
        return new self($rig, $link, $place);
    }

    public function become(Link $link): void
    {
        $this->label = $link->label;
        $this->name = $link->name;
    }
}
