<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Document\PowerEntry;
use Rigger\Core\Document\VanEntry;
use Rigger\Core\Rig\Line\Van;
use Rigger\Core\Rig\Power\PowerTerms;
use Symfony\Component\Uid\Uuid;

/** What hangs in a venue for one show, and how it is addressed, linked and played. */
#[ORM\Entity]
class Rig implements Journalled
{
    use Identified;
    use InWastebasket;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Venue $venue;

    #[ORM\Column(type: 'text')]
    private string $name;

    #[ORM\ManyToOne]
    private ?DeskDescription $desk = null;

    /** Counts changes, undoing and redoing included: a write names the version it was based on. */
    #[ORM\Column]
    private int $version = 1;

    /** @var array<string, mixed> lengths, slack and spare of cable, and where runs begin; empty for the usual */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    private array $van = [];

    /** @var list<int> channels of the house's own network */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    private array $houseChannels = [];

    /** @var array<string, float|bool> the mains and the evening; empty for the usual */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    private array $power = [];

    private function __construct(Venue $venue, string $name)
    {
        $this->id = Uuid::v7();
        $this->venue = $venue;
        $this->name = $name;
    }

    public static function in(Venue $venue, string $name): self
    {
        return new self($venue, $name);
    }

    public function name(): string
    {
        return $this->name;
    }

    public function rename(string $name): void
    {
        $this->name = $name;
    }

    public function desk(): ?DeskDescription
    {
        return $this->desk;
    }

    public function playOn(?DeskDescription $desk): void
    {
        $this->desk = $desk;
    }

    public function load(Van $van): void
    {
        $this->van = $van->isUsual() ? [] : VanEntry::write($van);
    }

    /** @param list<int> $channels */
    public function standBesideHouse(array $channels): void
    {
        $this->houseChannels = $channels;
    }

    public function takePower(PowerTerms $power): void
    {
        $this->power = $power->isUsual() ? [] : PowerEntry::write($power);
    }

    public function version(): int
    {
        return $this->version;
    }

    public function countChange(): int
    {
        return ++$this->version;
    }
}
