<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Symfony\Component\Uid\Uuid;

/** What one fixture does in a look. A fixture without a cell is left alone by it. */
#[ORM\Entity]
class LookCell implements Journalled
{
    use Identified;

    #[ORM\ManyToOne(inversedBy: 'cells'), ORM\JoinColumn(nullable: false)]
    public readonly Look $look;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly PatchedFixture $fixture;

    /** @var list<int> one a channel, 0 to 255 */
    #[ORM\Column(name: 'channel_values', type: 'json', options: ['jsonb' => true])]
    private array $values;

    /** @param list<int> $values */
    private function __construct(Look $look, PatchedFixture $fixture, array $values)
    {
        $this->id = Uuid::v7();
        $this->look = $look;
        $this->fixture = $fixture;
        $this->values = $values;
    }

    /** @param list<int> $values */
    public static function of(Look $look, PatchedFixture $fixture, array $values): self
    {
        return new self($look, $fixture, $values);
    }

    /** @param list<int> $values */
    public function set(array $values): void
    {
        $this->values = $values;
    }
}
