<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A room in which rigs hang. */
#[ORM\Entity]
class Venue
{
    use Identified;

    #[ORM\Column(type: 'text', unique: true)]
    public readonly string $name;

    private function __construct(string $name)
    {
        $this->id = Uuid::v7();
        $this->name = $name;
    }

    public static function named(string $name): self
    {
        return new self($name);
    }
}
