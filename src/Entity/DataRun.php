<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Line\Cable\Ends;
use Rigger\Core\Rig\Line\Run;
use Symfony\Component\Uid\Uuid;

/** A data run of a rig; what hangs on it are run items. */
#[ORM\Entity]
class DataRun implements Journalled
{
    use Identified;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Rig $rig;

    #[ORM\Column(type: 'text')]
    private string $name;

    /** The item that it begins at; a plain id, for items stand on runs in turn. */
    #[ORM\Column(type: 'uuid', nullable: true)]
    private ?Uuid $splitterId = null;

    /** Of the desk, or of the splitter; null where it is plugged in nowhere. */
    #[ORM\Column(nullable: true)]
    private ?int $output = null;

    /** What the desk's output sends. */
    #[ORM\Column(nullable: true)]
    private ?int $universe = null;

    #[ORM\Column]
    private bool $terminated;

    /** Of the socket that it begins at. */
    #[ORM\Column(type: 'text', enumType: Ends::class)]
    private Ends $ends;

    #[ORM\Column]
    public readonly int $place;

    private function __construct(Rig $rig, Run $run, int $place)
    {
        $this->id = Uuid::fromString($run->id);
        $this->rig = $rig;
        $this->place = $place;
        $this->become($run);
    }

    public static function of(Rig $rig, Run $run, int $place): self
    {
        return new self($rig, $run, $place);
    }

    public function become(Run $run): void
    {
        $this->name = $run->name;
        $this->output = $run->from?->output;
        $this->universe = null === $run->from?->splitterId ? $run->from?->universe : null;
        $splitter = null === $run->from?->splitterId ? null : Uuid::fromString($run->from->splitterId);
        $this->splitterId = null !== $splitter && true === $this->splitterId?->equals($splitter) ? $this->splitterId : $splitter;
        $this->terminated = $run->isTerminated;
        $this->ends = $run->ends;
    }
}
