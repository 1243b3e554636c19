<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A description of which one of a name is offered; earlier ones stay with those that use them. */
trait OnShelf
{
    use InWastebasket;

    #[ORM\Column(name: 'on_shelf')]
    private bool $isOnShelf = true;

    public function isOnShelf(): bool
    {
        return $this->isOnShelf;
    }

    public function putOnShelf(): void
    {
        $this->isOnShelf = true;
        $this->bringBack();
    }

    public function takeOffShelf(): void
    {
        $this->isOnShelf = false;
    }
}
