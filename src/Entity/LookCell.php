<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Look\UnitIntent;
use Symfony\Component\Uid\Uuid;

/** What one unit does in a look. A unit without a cell is left alone by it. */
#[ORM\Entity]
class LookCell implements Journalled
{
    use Identified;

    #[ORM\ManyToOne(inversedBy: 'cells'), ORM\JoinColumn(nullable: false)]
    public readonly Look $look;

    #[ORM\ManyToOne, ORM\JoinColumn('fixture_id', nullable: false)]
    public readonly PatchedUnit $unit;

    /** @var list<int> one a channel, 0 to 255 */
    #[ORM\Column(name: 'channel_values', type: 'json', options: ['jsonb' => true])]
    private array $values;

    /** @var array<string, mixed>|null what is meant; null where a person set the faders */
    #[ORM\Column(type: 'json', nullable: true, options: ['jsonb' => true])]
    private ?array $intent;

    /** @param list<int> $values */
    private function __construct(Look $look, PatchedUnit $unit, array $values, ?UnitIntent $intent)
    {
        $this->id = Uuid::v7();
        $this->look = $look;
        $this->unit = $unit;
        $this->set($values, $intent);
    }

    /** @param list<int> $values */
    public static function of(Look $look, PatchedUnit $unit, array $values, ?UnitIntent $intent): self
    {
        return new self($look, $unit, $values, $intent);
    }

    /** @param list<int> $values */
    public function set(array $values, ?UnitIntent $intent): void
    {
        $this->values = $values;
        $this->intent = $intent?->toArray();
    }
}
