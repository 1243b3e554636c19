<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Line\Cable\CableType;
use Rigger\Core\Line\Cable\Ends;
use Rigger\Core\Rig\Line\RunItem as Item;
use Symfony\Component\Uid\Uuid;

/** A unit or a splitter on a data run, with the cable that leads to it. Metres. */
#[ORM\Entity]
class RunItem implements Journalled
{
    use Identified;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Rig $rig;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    private DataRun $run;

    #[ORM\Column]
    private int $place;

    #[ORM\ManyToOne, ORM\JoinColumn(name: 'fixture_id')]
    private ?PatchedUnit $unit;

    /** What a splitter is called. */
    #[ORM\Column(type: 'text', nullable: true)]
    private ?string $splitter = null;

    #[ORM\Column(nullable: true)]
    private ?int $outputs = null;

    #[ORM\Column(nullable: true)]
    private ?float $x = null;

    #[ORM\Column(nullable: true)]
    private ?float $y = null;

    #[ORM\Column(nullable: true)]
    private ?float $height = null;

    /** Of the cable; null follows the stage plan. */
    #[ORM\Column(nullable: true)]
    private ?float $metres = null;

    #[ORM\Column(type: 'text', enumType: CableType::class)]
    private CableType $cable;

    #[ORM\Column(type: 'text', enumType: Ends::class)]
    private Ends $plugs;

    /** Of its own sockets. */
    #[ORM\Column(type: 'text', enumType: Ends::class)]
    private Ends $ends;

    /** In unit loads. */
    #[ORM\Column]
    private float $load;

    private function __construct(Rig $rig, DataRun $run, ?PatchedUnit $unit, Item $item, int $place)
    {
        $this->id = Uuid::fromString($item->id);
        $this->rig = $rig;
        $this->unit = $unit;
        $this->become($run, $item, $place);
    }

    public static function on(Rig $rig, DataRun $run, ?PatchedUnit $unit, Item $item, int $place): self
    {
        return new self($rig, $run, $unit, $item, $place);
    }

    public function become(DataRun $run, Item $item, int $place): void
    {
        [$this->run, $this->place] = [$run, $place];
        $splitter = $item->splitter;
        [$this->splitter, $this->outputs] = [$splitter?->name, $splitter?->outputs];
        [$this->x, $this->y, $this->height] = [$splitter?->spot?->x, $splitter?->spot?->y, $splitter?->spot?->height];
        [$this->metres, $this->cable, $this->plugs] = [$item->cable->metres, $item->cable->type, $item->cable->ends];
        [$this->ends, $this->load] = [$item->ends, $item->load];
    }
}
