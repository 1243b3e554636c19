<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Curve\ChannelCurve;
use Symfony\Component\Uid\Uuid;

/** Curves and limits that hold in one rig for every unit of a type in a mode, unless the unit has its own. */
#[ORM\Entity]
class TypeCurves implements Journalled
{
    use HoldsCurves;
    use Identified;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Rig $rig;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly FixtureType $type;

    #[ORM\Column(type: 'text')]
    public readonly string $mode;

    /** @param list<ChannelCurve> $curves */
    private function __construct(Rig $rig, FixtureType $type, string $mode, array $curves)
    {
        $this->id = Uuid::v7();
        $this->rig = $rig;
        $this->type = $type;
        $this->mode = $mode;
        $this->keep($curves);
    }

    /** @param list<ChannelCurve> $curves */
    public static function in(Rig $rig, FixtureType $type, string $mode, array $curves): self
    {
        return new self($rig, $type, $mode, $curves);
    }

    /** @param list<ChannelCurve> $curves */
    public function change(array $curves): void
    {
        $this->keep($curves);
    }
}
