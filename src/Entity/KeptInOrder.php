<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\Core\Rig\TapeColour;

/** What an operator notes of a unit to find it again: number, groups, note, tape. */
trait KeptInOrder
{
    #[ORM\Column(nullable: true)]
    private ?int $number = null;

    /** @var list<string> */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    private array $groups = [];

    #[ORM\Column(type: 'text', nullable: true)]
    private ?string $note = null;

    #[ORM\Column(type: 'text', nullable: true, enumType: TapeColour::class)]
    private ?TapeColour $tape = null;

    /** @param int|null $number as it is called on the headset; null for none */
    public function number(?int $number): void
    {
        $this->touch();
        $this->number = $number;
    }

    /** @param list<string> $groups */
    public function group(array $groups): void
    {
        $this->touch();
        $this->groups = $groups;
    }

    public function noteDown(?string $note): void
    {
        $this->touch();
        $this->note = $note;
    }

    public function tapeWith(TapeColour $tape): void
    {
        $this->touch();
        $this->tape = TapeColour::Cream === $tape ? null : $tape;
    }

    public function calledNumber(): ?int
    {
        return $this->number;
    }

    /** @return list<string> */
    public function groups(): array
    {
        return $this->groups;
    }

    public function note(): ?string
    {
        return $this->note;
    }

    public function tape(): TapeColour
    {
        return $this->tape ?? TapeColour::Cream;
    }
}
