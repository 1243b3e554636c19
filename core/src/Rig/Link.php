<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

/** A radio sender and the name it is set to. */
final readonly class Link
{
    /**
     * @param string $label what the operator calls the sender
     * @param string $name  that the sender is set to, one of its kit's settings
     */
    public function __construct(public string $id, public KitInUse $kit, public string $label, public string $name)
    {
    }

    public function relabelled(string $label): self
    {
        return new self($this->id, $this->kit, $label, $this->name);
    }

    public function sendingOn(string $name): self
    {
        return new self($this->id, $this->kit, $this->label, $name);
    }
}
