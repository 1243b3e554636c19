<?php

declare(strict_types=1);

namespace Rigger\Core\Line;

use Rigger\Core\Light\Cause;

/** A sender, and a unit that listens to it through a receiver of its own. */
final readonly class RadioLink
{
    public function __construct(public string $sender, public string $senderName, public ?string $receiverName)
    {
    }

    public function isLinked(): bool
    {
        return $this->senderName === $this->receiverName;
    }

    /** Why the unit hears nothing, or null when it is linked. */
    public function silence(): ?Cause
    {
        return $this->isLinked() ? null : Cause::notLinked($this->sender, $this->senderName, $this->receiverName);
    }
}
