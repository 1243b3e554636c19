<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\App\Doctrine\Times;
use Rigger\Core\Document\SupplyEntry;
use Rigger\Core\Rig\Reversal;
use Rigger\Core\Rig\RunState;
use Rigger\Core\Rig\TapeColour;
use Rigger\Core\Rig\Unit;
use Symfony\Component\Uid\Uuid;

/** One unit of a rig, as it is stored. */
#[ORM\Entity, ORM\Table('patched_fixture')]
class PatchedUnit implements Journalled
{
    use HoldsCurves;
    use Identified;

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

    /** As it is called on the headset. */
    #[ORM\Column(nullable: true)]
    private ?int $number = null;

    /** @var list<string> */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    private array $groups = [];

    #[ORM\Column(type: 'text', nullable: true)]
    private ?string $note = null;

    /** Null for cream, which is on the desk anyway. */
    #[ORM\Column(type: 'text', nullable: true, enumType: TapeColour::class)]
    private ?TapeColour $tape = null;

    /** Where it hangs, in the operator's words: "front beam, left". */
    #[ORM\Column(type: 'text', nullable: true)]
    private ?string $position = null;

    /** On the stage plan, in metres. */
    #[ORM\Column(nullable: true)]
    private ?float $x = null;

    #[ORM\Column(nullable: true)]
    private ?float $y = null;

    #[ORM\Column(nullable: true)]
    private ?float $height = null;

    /** Its line in the patch list, from 1. */
    #[ORM\Column]
    public readonly int $place;

    #[ORM\ManyToOne]
    private ?RadioLink $link = null;

    /** The name that its receiver is set to. */
    #[ORM\Column(type: 'text', nullable: true)]
    private ?string $receiver = null;

    /** The one that it shares with others; then it has no sender and setting of its own. */
    #[ORM\ManyToOne]
    private ?RadioReceiver $sharedReceiver = null;

    /** @var list<int>|null of its receiver, one for each of its channels */
    #[ORM\Column(type: 'json', nullable: true, options: ['jsonb' => true])]
    private ?array $outputs = null;

    /** When its own receiver was made to listen to its sender. */
    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $pairedAt = null;

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

    /** Out of action tonight. */
    #[ORM\Column(name: 'out_of_action')]
    private bool $isOut = false;

    /** @var array<int, string> what the operator calls its cells, by number */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    private array $cellNames = [];

    #[ORM\Column(type: 'text', enumType: RunState::class)]
    private RunState $runState = RunState::Desk;

    #[ORM\Column]
    private bool $hearsRemote = false;

    #[ORM\ManyToOne]
    private ?Circuit $circuit = null;

    /** @var array<string, mixed> what of its power somebody has said */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    private array $supply = [];

    private function __construct(Rig $rig, FixtureRevision $revision, RadioLink|RadioReceiver|null $radio, Unit $unit, int $place)
    {
        $this->id = Uuid::fromString($unit->id);
        $this->rig = $rig;
        $this->revision = $revision;
        $this->place = $place;
        $this->listenTo($radio);
        $this->outputs = $unit->outputs;
        $this->supply = SupplyEntry::write($unit->supply);
        $this->put($unit);
        $this->keep($unit->curves);
        $this->groups = $unit->groups;
        $this->cellNames = $unit->cellNames;
    }

    /** @param RadioLink|RadioReceiver|null $radio its sender, or the receiver that it shares; null for a cable */
    public static function of(Rig $rig, FixtureRevision $revision, RadioLink|RadioReceiver|null $radio, Unit $unit, int $place): self
    {
        return new self($rig, $revision, $radio, $unit, $place);
    }

    /**
     * @param FixtureRevision|null         $revision another one; null where it follows the same still
     * @param RadioLink|RadioReceiver|null $radio    its sender, or the receiver that it shares; null for a cable
     */
    public function become(Unit $before, Unit $unit, ?FixtureRevision $revision, RadioLink|RadioReceiver|null $radio): void
    {
        $this->revision = $revision ?? $this->revision;
        $this->listenTo($radio);
        $this->put($unit);
        // What is kept as a document is only written when it is another one: two spellings of one document are no change.
        if ($before->curves !== $unit->curves) {
            $this->keep($unit->curves);
        }
        if ($before->groups !== $unit->groups) {
            $this->groups = $unit->groups;
        }
        if ($before->supply !== $unit->supply) {
            $this->supply = SupplyEntry::write($unit->supply);
        }
        if ($before->outputs !== $unit->outputs) {
            $this->outputs = $unit->outputs;
        }
        if ($before->cellNames !== $unit->cellNames) {
            $this->cellNames = $unit->cellNames;
        }
    }

    public function plugInto(?Circuit $circuit): void
    {
        $this->circuit = $circuit;
    }

    private function listenTo(RadioLink|RadioReceiver|null $radio): void
    {
        $this->link = $radio instanceof RadioLink ? $radio : null;
        $this->sharedReceiver = $radio instanceof RadioReceiver ? $radio : null;
    }

    private function put(Unit $unit): void
    {
        $this->mode = $unit->mode()->key;
        $this->name = $unit->name;
        $this->universe = $unit->place->universe;
        $this->address = $unit->place->address;
        $this->receiver = null === $unit->receiverId ? $unit->receiver : null;
        $this->pairedAt = Times::same($this->pairedAt, null === $unit->receiverId ? $unit->pairedAt : null);
        $this->setAt = Times::same($this->setAt, $unit->setAt);
        $this->provedAt = Times::same($this->provedAt, $unit->provedAt);
        $this->isLocked = $unit->isLocked;
        $this->isOut = $unit->isOut;
        $this->runState = $unit->runState;
        $this->hearsRemote = $unit->hearsRemote;
        $this->panReversed = $unit->pan;
        $this->tiltReversed = $unit->tilt;
        $this->takesButtons = $unit->takesButtons;
        $this->number = $unit->number;
        $this->note = $unit->note;
        $this->tape = TapeColour::Cream === $unit->tape ? null : $unit->tape;
        $this->position = $unit->position;
        [$this->x, $this->y, $this->height] = [$unit->spot?->x, $unit->spot?->y, $unit->spot?->height];
    }
}
