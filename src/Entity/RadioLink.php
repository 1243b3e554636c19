<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Line\RadioKit;
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

    private function __construct(Rig $rig, RadioKit $kit, string $label, string $name, int $place)
    {
        $this->id = Uuid::v7();
        $this->rig = $rig;
        $this->kit = $kit;
        $this->label = $label;
        $this->name = $name;
        $this->place = $place;
    }

    public static function set(Rig $rig, RadioKit $kit, string $label, string $name, int $place): self
    {
        return new self($rig, $kit, $label, $name, $place);
    }

    public function label(): string
    {
        return $this->label;
    }

    public function relabel(string $label): void
    {
        $this->label = $label;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function sendOn(string $name): void
    {
        $this->name = $name;
    }
}
