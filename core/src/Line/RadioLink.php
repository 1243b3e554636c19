<?php

declare(strict_types=1);

namespace Rigger\Core\Line;

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
    public function silence(string $unit): ?string
    {
        return match (true) {
            $this->isLinked() => null,
            null === $this->receiverName => \sprintf('%s has no receiver set: %s sends on %s.', $unit, $this->sender, $this->senderName),
            default => \sprintf(
                '%s does not respond: its receiver is set to %s, and %s sends on %s.',
                $unit,
                $this->receiverName,
                $this->sender,
                $this->senderName,
            ),
        };
    }
}
