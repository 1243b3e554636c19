<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\App\Doctrine\Times;
use Rigger\Core\Rig\Receiver;
use Symfony\Component\Uid\Uuid;

/** A radio receiver that several units share. */
#[ORM\Entity]
class RadioReceiver implements Journalled
{
    use Identified;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Rig $rig;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    private RadioLink $link;

    /** What the operator calls it. */
    #[ORM\Column(type: 'text')]
    private string $label;

    /** The name that it is set to. */
    #[ORM\Column(type: 'text', nullable: true)]
    private ?string $setting = null;

    /** When it was made to listen to its sender. */
    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $pairedAt = null;

    #[ORM\Column]
    public readonly int $place;

    private function __construct(Rig $rig, RadioLink $link, Receiver $receiver, int $place)
    {
        $this->id = Uuid::fromString($receiver->id);
        $this->rig = $rig;
        $this->place = $place;
        $this->become($link, $receiver);
    }

    public static function of(Rig $rig, RadioLink $link, Receiver $receiver, int $place): self
    {
        return new self($rig, $link, $receiver, $place);
    }

    public function become(RadioLink $link, Receiver $receiver): void
    {
        $this->link = $link;
        $this->label = $receiver->label;
        $this->setting = $receiver->setting;
        $this->pairedAt = Times::same($this->pairedAt, $receiver->pairedAt);
    }
}
