<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Line\Radio\Surroundings;
use Rigger\Core\Rig\Link;
use Symfony\Component\Uid\Uuid;

/** A radio sender and the name it is set to. */
#[ORM\Entity]
class RadioLink implements Journalled
{
    use Identified;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Rig $rig;

    /** What the kit is called: the history from before kits were described knows no more of it. */
    #[ORM\Column(type: 'text')]
    public readonly string $kit;

    #[ORM\ManyToOne, ORM\JoinColumn(name: 'kit_id')]
    public readonly ?RadioKit $description;

    /** What the operator calls the sender. */
    #[ORM\Column(type: 'text')]
    private string $label;

    /** The name that the sender is set to. */
    #[ORM\Column(type: 'text')]
    private string $name;

    /** Of its aerial, in metres. */
    #[ORM\Column(nullable: true)]
    private ?float $x = null;

    #[ORM\Column(nullable: true)]
    private ?float $y = null;

    #[ORM\Column(nullable: true)]
    private ?float $height = null;

    #[ORM\Column(type: 'text', enumType: Surroundings::class)]
    private Surroundings $surroundings = Surroundings::Seated;

    /** @var list<float> in dB */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    private array $obstacles = [];

    #[ORM\Column]
    public readonly int $place;

    private function __construct(Rig $rig, RadioKit $kit, Link $link, int $place)
    {
        $this->id = Uuid::fromString($link->id);
        $this->rig = $rig;
        $this->kit = $kit->name;
        $this->description = $kit;
        $this->place = $place;
        $this->become($link);
    }

    public static function of(Rig $rig, RadioKit $kit, Link $link, int $place): self
    {
        return new self($rig, $kit, $link, $place);
    }

    public function become(Link $link): void
    {
        $this->label = $link->label;
        $this->name = $link->name;
        [$this->x, $this->y, $this->height] = [$link->spot?->x, $link->spot?->y, $link->spot?->height];
        $this->surroundings = $link->place;
        $this->obstacles = $link->obstacles;
    }
}
