<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** One entry of a rig's journal: what a person did, in words, and each row before and after. */
#[ORM\Entity]
class Change
{
    use Identified;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Rig $rig;

    /** The rig's version that it first made. */
    #[ORM\Column]
    public readonly int $number;

    #[ORM\Column(type: 'text')]
    public readonly string $sentence;

    #[ORM\Column]
    public readonly \DateTimeImmutable $at;

    /** @var list<array{table: string, id: string, before: array<string, mixed>|null, after: array<string, mixed>|null}> */
    #[ORM\Column(name: 'changed_rows', type: 'json', options: ['jsonb' => true])]
    public readonly array $rows;

    /** The newest migration of the database that its rows were written under: they name tables and columns. */
    #[ORM\Column(type: 'text')]
    public readonly string $schemaVersion;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $undoneAt = null;

    /** Undone, and then something else was done: it cannot be redone any more. */
    #[ORM\Column]
    private bool $superseded = false;

    /** The rig's version at which it was last done or undone. */
    #[ORM\Column]
    private int $lastVersion;

    /** @param list<array{table: string, id: string, before: array<string, mixed>|null, after: array<string, mixed>|null}> $rows */
    private function __construct(Rig $rig, string $sentence, \DateTimeImmutable $at, array $rows, string $schemaVersion)
    {
        $this->id = Uuid::v7();
        $this->rig = $rig;
        $this->number = $rig->version();
        $this->lastVersion = $rig->version();
        $this->sentence = $sentence;
        $this->at = $at;
        $this->rows = $rows;
        $this->schemaVersion = $schemaVersion;
    }

    /** @param list<array{table: string, id: string, before: array<string, mixed>|null, after: array<string, mixed>|null}> $rows */
    public static function of(Rig $rig, string $sentence, \DateTimeImmutable $at, array $rows, string $schemaVersion): self
    {
        return new self($rig, $sentence, $at, $rows, $schemaVersion);
    }

    public function undo(\DateTimeImmutable $at, int $version): void
    {
        $this->undoneAt = $at;
        $this->lastVersion = $version;
    }

    public function redo(int $version): void
    {
        $this->undoneAt = null;
        $this->lastVersion = $version;
    }

    public function isUndone(): bool
    {
        return null !== $this->undoneAt;
    }

    public function undoneAt(): ?\DateTimeImmutable
    {
        return $this->undoneAt;
    }
}
