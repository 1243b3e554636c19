<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Stage\Reversal;
use Symfony\Component\Uid\Uuid;

/**
 * One unit of a rig: which chart it follows, in which mode, and where it listens.
 *
 * Of hundreds of units a change touches a few: those say so themselves, and the others are not compared with what was loaded.
 */
#[ORM\Entity, ORM\ChangeTrackingPolicy('DEFERRED_EXPLICIT')]
class PatchedFixture implements Journalled
{
    use HoldsCurves;
    use HungInPlace;
    use Identified;
    use KeptInOrder;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Rig $rig;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    private FixtureRevision $revision;

    #[ORM\Column(type: 'text')]
    private string $mode;

    #[ORM\Column(type: 'text')]
    private string $name;

    #[ORM\Column]
    private int $universe;

    #[ORM\Column]
    private int $address;

    /** Its line in the patch list, from 1. */
    #[ORM\Column]
    public readonly int $place;

    #[ORM\ManyToOne]
    private ?RadioLink $link = null;

    /** The name that its receiver is set to. */
    #[ORM\Column(type: 'text', nullable: true)]
    private ?string $receiver = null;

    /** When somebody set it on the walk-round; null once what is to be set has changed. */
    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $setAt = null;

    /** When it was found to have kept its setting through switching off and on. */
    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $provedAt = null;

    /** No plan gives it another address. */
    #[ORM\Column(name: 'locked')]
    private bool $isLocked = false;

    #[ORM\Column(type: 'text', nullable: true, enumType: Reversal::class)]
    private ?Reversal $panReversed = null;

    #[ORM\Column(type: 'text', nullable: true, enumType: Reversal::class)]
    private ?Reversal $tiltReversed = null;

    /** Buttons of the desk that it is meant to take; null where one is all it should. */
    #[ORM\Column(nullable: true)]
    private ?int $takesButtons = null;

    private bool $isTouched = false;
    private ?Mode $modeOfChart = null;
    private ?Span $span = null;

    private function __construct(Rig $rig, FixtureRevision $revision, string $mode, string $name, int $universe, int $address, int $place)
    {
        $this->id = Uuid::v7();
        $this->rig = $rig;
        $this->revision = $revision;
        $this->mode = $mode;
        $this->name = $name;
        $this->universe = $universe;
        $this->address = $address;
        $this->place = $place;
    }

    public static function hang(Rig $rig, FixtureRevision $revision, string $mode, string $name, int $universe, int $address, int $place): self
    {
        return new self($rig, $revision, $mode, $name, $universe, $address, $place);
    }

    public function rename(string $name): void
    {
        $this->touch();
        $this->name = $name;
    }

    public function moveTo(int $universe, int $address): void
    {
        $this->touch();
        $this->universe = $universe;
        $this->address = $address;
        $this->setAt = $this->provedAt = null;
    }

    public function setMode(string $mode): void
    {
        $this->touch();
        $this->mode = $mode;
        $this->setAt = $this->provedAt = null;
    }

    public function follow(FixtureRevision $revision): void
    {
        $this->touch();
        $this->revision = $revision;
    }

    public function listenTo(?RadioLink $link, ?string $receiver): void
    {
        $this->touch();
        $this->link = $link;
        $this->receiver = null === $link ? null : $receiver;
        $this->setAt = $this->provedAt = null;
    }

    /** Ticked on the walk-round; with null the tick is taken back. */
    public function markSet(?\DateTimeImmutable $at): void
    {
        $this->touch();
        $this->setAt = $at;
        $this->provedAt = null;
    }

    /** It was switched off and on and had kept what was set; with null that is taken back. */
    public function markProved(?\DateTimeImmutable $at): void
    {
        $this->touch();
        $this->setAt ??= $at;
        $this->provedAt = $at;
    }

    public function lock(bool $isLocked): void
    {
        $this->touch();
        $this->isLocked = $isLocked;
    }

    /** Another unit hangs there from now on, with a chart of its own. */
    public function become(FixtureRevision $revision, string $mode): void
    {
        $this->revision = $revision;
        $this->setMode($mode);
    }

    /** @param list<ChannelCurve> $curves its own, which stand before those of its type */
    public function bend(array $curves): void
    {
        $this->touch();
        $this->keep($curves);
    }

    public function turnRound(?Reversal $pan, ?Reversal $tilt): void
    {
        $this->touch();
        [$this->panReversed, $this->tiltReversed] = [$pan, $tilt];
    }

    public function panReversed(): ?Reversal
    {
        return $this->panReversed;
    }

    public function tiltReversed(): ?Reversal
    {
        return $this->tiltReversed;
    }

    /** @param int|null $buttons 2 or more; null for one like everybody */
    public function takeButtons(?int $buttons): void
    {
        $this->touch();
        $this->takesButtons = $buttons;
    }

    public function takesButtons(): ?int
    {
        return $this->takesButtons;
    }

    public function isLocked(): bool
    {
        return $this->isLocked;
    }

    public function provedAt(): ?\DateTimeImmutable
    {
        return $this->provedAt;
    }

    public function setAt(): ?\DateTimeImmutable
    {
        return $this->setAt;
    }

    public function revision(): FixtureRevision
    {
        return $this->revision;
    }

    public function modeKey(): string
    {
        return $this->mode;
    }

    public function mode(): Mode
    {
        return $this->modeOfChart ??= $this->revision->profile()->mode($this->mode) ?? throw new \LogicException('A patched fixture follows a mode of its chart.');
    }

    public function name(): string
    {
        return $this->name;
    }

    public function universe(): int
    {
        return $this->universe;
    }

    public function span(): Span
    {
        return $this->span ??= Span::at($this->address, $this->mode()->footprint());
    }

    public function link(): ?RadioLink
    {
        return $this->link;
    }

    public function receiver(): ?string
    {
        return $this->receiver;
    }

    /** Whether it was changed since it was loaded, and has to be stored. */
    public function isTouched(): bool
    {
        return $this->isTouched;
    }

    private function touch(): void
    {
        $this->isTouched = true;
        $this->modeOfChart = $this->span = null;
    }

    /** Stands for chart and mode together: equal texts move as twins at one address. */
    public function modeIdentity(): string
    {
        return $this->revision->id()->toRfc4122().'/'.$this->mode;
    }
}
