<?php

declare(strict_types=1);

namespace Rigger\Core\Line;

use Rigger\Core\Light\Cause;
use Rigger\Core\Line\Radio\Kit;

/** A sender, and a unit that listens to it through a receiver of its own. */
final readonly class RadioLink
{
    public function __construct(public string $sender, public string $senderName, public ?string $receiverName, public Kit $kit)
    {
    }

    public function isLinked(): bool
    {
        return $this->senderName === $this->receiverName;
    }

    /** Why the unit hears nothing, or null when it is linked. */
    public function silence(): ?Cause
    {
        return $this->isLinked() ? null : Cause::notLinked($this->sender, $this->senderName, $this->receiverName, $this->wrongPart());
    }

    /** Of a setting of several parts the one that differs, where it is the only one. */
    private function wrongPart(): ?string
    {
        if (null === $this->receiverName || \count($this->kit->parts) < 2) {
            return null;
        }
        $differing = $this->kit->differing($this->senderName, $this->receiverName);

        return 1 === \count($differing) ? $differing[0] : null;
    }
}
