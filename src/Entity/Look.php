<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
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

    /** @var Collection<int, LookCell> */
    #[ORM\OneToMany(targetEntity: LookCell::class, mappedBy: 'look', cascade: ['persist', 'remove'], orphanRemoval: true)]
    private Collection $cells;

    private function __construct(Rig $rig, string $name, int $bank, int $number)
    {
        $this->id = Uuid::v7();
        $this->rig = $rig;
        $this->name = $name;
        $this->bank = $bank;
        $this->number = $number;
        $this->cells = new ArrayCollection();
    }

    public static function record(Rig $rig, string $name, int $bank, int $number): self
    {
        return new self($rig, $name, $bank, $number);
    }

    public function rename(string $name): void
    {
        $this->name = $name;
    }

    public function storeAt(int $bank, int $number): void
    {
        $this->bank = $bank;
        $this->number = $number;
    }

    /** @param list<int> $values one a channel, 0 to 255 */
    public function set(PatchedFixture $fixture, array $values): void
    {
        foreach ($this->cells as $cell) {
            if ($cell->fixture === $fixture) {
                $cell->set($values);

                return;
            }
        }
        $this->cells->add(LookCell::of($this, $fixture, $values));
    }

    /** The fixture is left alone from now on. */
    public function forget(PatchedFixture $fixture): void
    {
        foreach ($this->cells as $cell) {
            if ($cell->fixture === $fixture) {
                $this->cells->removeElement($cell);
            }
        }
    }

    public function name(): string
    {
        return $this->name;
    }

    public function bank(): int
    {
        return $this->bank;
    }

    public function number(): int
    {
        return $this->number;
    }

    /** @return list<LookCell> */
    public function cells(): array
    {
        return array_values($this->cells->toArray());
    }
}
