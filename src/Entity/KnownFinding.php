<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Rig\KnownFinding as Known;
use Symfony\Component\Uid\Uuid;

/** Something that is told of a rig and that somebody knows. */
#[ORM\Entity, ORM\Table('known_finding')]
class KnownFinding implements Journalled
{
    use Identified;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Rig $rig;

    #[ORM\Column(type: 'text')]
    private string $stage;

    #[ORM\Column(type: 'text')]
    private string $code;

    /** @var list<string> ids of the units that it is about, sorted */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    private array $units;

    /** Ids without a foreign key: undo puts rows back one after the other. */
    #[ORM\Column(type: 'guid', nullable: true)]
    private ?string $linkId;

    #[ORM\Column(type: 'guid', nullable: true)]
    private ?string $lookId;

    #[ORM\Column(type: 'text', nullable: true)]
    private ?string $note;

    private function __construct(Rig $rig, Known $known)
    {
        $this->id = Uuid::fromString($known->id);
        $this->rig = $rig;
        $this->become($known);
    }

    public static function of(Rig $rig, Known $known): self
    {
        return new self($rig, $known);
    }

    public function become(Known $known): void
    {
        [$this->stage, $this->code, $this->units] = [$known->stage, $known->code, $known->units];
        [$this->linkId, $this->lookId, $this->note] = [$known->linkId, $known->lookId, $known->note];
    }
}
