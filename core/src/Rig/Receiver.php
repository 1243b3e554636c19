<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

/** A radio receiver that several units share: chained to it by cable, or each on outputs of its own. */
final readonly class Receiver
{
    public const MOST = 200;

    /**
     * @param string                  $label    what the operator calls it
     * @param string|null             $setting  name that it is set to; null while it is not set yet
     * @param \DateTimeImmutable|null $pairedAt when it was made to listen to its sender; null once either is set otherwise
     */
    public function __construct(
        public string $id,
        public string $linkId,
        public string $label,
        public ?string $setting = null,
        public ?\DateTimeImmutable $pairedAt = null,
    ) {
    }

    public function relabelled(string $label): self
    {
        return new self($this->id, $this->linkId, $label, $this->setting, $this->pairedAt);
    }

    /** Listening to another sender, or set otherwise: nobody has paired it so. */
    public function listeningTo(string $linkId, ?string $setting): self
    {
        return new self($this->id, $linkId, $this->label, $setting);
    }

    public function paired(string $setting, \DateTimeImmutable $at): self
    {
        return new self($this->id, $this->linkId, $this->label, $setting, $at);
    }
}
