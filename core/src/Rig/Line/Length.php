<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Line;

/** How long a cable is: as somebody said, as the stage plan wants it, or not known. */
final readonly class Length
{
    /**
     * @param float|null  $said   by somebody
     * @param float|null  $taken  the length of the van that reaches; null where pieces are joined or nothing is known
     * @param float|null  $needed by the plan
     * @param list<float> $joined pieces that reach together
     */
    private function __construct(public ?float $said, public ?float $taken, public ?float $needed, public array $joined)
    {
    }

    public static function said(float $metres): self
    {
        return new self($metres, null, null, []);
    }

    /** @param list<float> $joined */
    public static function planned(?float $taken, float $needed, array $joined): self
    {
        return new self(null, $taken, $needed, $joined);
    }

    public static function unknown(): self
    {
        return new self(null, null, null, []);
    }

    /** What lies there in the end; of joined pieces what is needed, as line.plan counts it. */
    public function metres(): ?float
    {
        return $this->said ?? $this->taken ?? $this->needed;
    }

    /** @return list<float> the pieces to bring */
    public function pieces(): array
    {
        return match (true) {
            null !== $this->said => [$this->said],
            null !== $this->taken => [$this->taken],
            default => $this->joined,
        };
    }
}
