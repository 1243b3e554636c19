<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** Keyed by a UUID that the application makes. Not readonly: a lazy entity is given its key twice. */
trait Identified
{
    #[ORM\Id, ORM\Column(type: 'uuid')]
    private Uuid $id;

    public function id(): Uuid
    {
        return $this->id;
    }
}
