<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Position\Support as Held;
use Rigger\Core\Position\SupportKind;
use Rigger\Core\Rig\Support as CoreSupport;
use Symfony\Component\Uid\Uuid;

/** A beam or a stand of a rig that units hang from. Metres. */
#[ORM\Entity]
class Support implements Journalled
{
    use Identified;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Rig $rig;

    #[ORM\Column(type: 'text', enumType: SupportKind::class)]
    private SupportKind $kind;

    #[ORM\Column(type: 'text')]
    private string $name;

    #[ORM\Column]
    private float $height;

    #[ORM\Column]
    private float $fromX;

    #[ORM\Column]
    private float $fromY;

    #[ORM\Column]
    private float $toX;

    #[ORM\Column]
    private float $toY;

    #[ORM\Column]
    public readonly int $place;

    private function __construct(Rig $rig, CoreSupport $support, int $place)
    {
        $this->id = Uuid::fromString($support->id);
        $this->rig = $rig;
        $this->place = $place;
        $this->put($support->held);
    }

    public static function of(Rig $rig, CoreSupport $support, int $place): self
    {
        return new self($rig, $support, $place);
    }

    public function put(Held $held): void
    {
        [$this->kind, $this->name, $this->height] = [$held->kind, $held->name, $held->height];
        [$this->fromX, $this->fromY, $this->toX, $this->toY] = [$held->fromX, $held->fromY, $held->toX, $held->toY];
    }
}
