<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\Core\Position\Spot;

/** Where a unit hangs: in the operator's words, and on the stage plan. */
trait HungInPlace
{
    /** In the operator's words: "front beam, left". */
    #[ORM\Column(type: 'text', nullable: true)]
    private ?string $position = null;

    #[ORM\Column(nullable: true)]
    private ?float $x = null;

    #[ORM\Column(nullable: true)]
    private ?float $y = null;

    #[ORM\Column(nullable: true)]
    private ?float $height = null;

    public function hangAt(?string $position): void
    {
        $this->touch();
        $this->position = $position;
    }

    /** @param Spot|null $spot null takes it off the plan */
    public function putAt(?Spot $spot): void
    {
        $this->touch();
        [$this->x, $this->y, $this->height] = [$spot?->x, $spot?->y, $spot?->height];
    }

    public function position(): ?string
    {
        return $this->position;
    }

    public function spot(): ?Spot
    {
        return null === $this->x || null === $this->y ? null : new Spot($this->x, $this->y, $this->height);
    }
}
