<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Look\UnitIntent;
use Rigger\Core\Rig\Look as CoreLook;
use Symfony\Component\Uid\Uuid;

/** A scene as it stands on the faders, with its place in the desk's memory. */
#[ORM\Entity]
class Look implements Journalled
{
    use Identified;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Rig $rig;

    #[ORM\Column(type: 'text')]
    private string $name;

    #[ORM\Column]
    private int $bank;

    #[ORM\Column]
    private int $number;

    /** As what it was made for its rig, as long as nobody has changed it. */
    #[ORM\Column(type: 'text', nullable: true)]
    private ?string $made = null;

    /** @var Collection<int, LookCell> */
    #[ORM\OneToMany(targetEntity: LookCell::class, mappedBy: 'look', cascade: ['persist', 'remove'], orphanRemoval: true)]
    private Collection $cells;

    private function __construct(Rig $rig, CoreLook $look)
    {
        $this->id = Uuid::fromString($look->id);
        $this->rig = $rig;
        $this->cells = new ArrayCollection();
        $this->become($look);
    }

    /** Without its values: those are set unit by unit. */
    public static function record(Rig $rig, CoreLook $look): self
    {
        return new self($rig, $look);
    }

    /** Its name and place; the values are set unit by unit. */
    public function become(CoreLook $look): void
    {
        $this->name = $look->name;
        $this->bank = $look->bank;
        $this->number = $look->number;
        $this->made = $look->made?->value;
    }

    /** @param list<int> $values one a channel, 0 to 255 */
    public function set(PatchedUnit $unit, array $values, ?UnitIntent $intent): void
    {
        foreach ($this->cells as $cell) {
            if ($cell->unit === $unit) {
                $cell->set($values, $intent);

                return;
            }
        }
        $this->cells->add(LookCell::of($this, $unit, $values, $intent));
    }

    /** The unit is left alone from now on. */
    public function forget(string $unitId): void
    {
        foreach ($this->cells as $cell) {
            if ((string) $cell->unit->id() === $unitId) {
                $this->cells->removeElement($cell);
            }
        }
    }
}
