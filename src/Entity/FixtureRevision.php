<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\App\Doctrine\JsonTextType;
use Rigger\Core\Input\Json;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Profile\ProfileWriter;
use Rigger\Core\Rig\Revision;
use Symfony\Component\Uid\Uuid;

/** One state of a type's chart, numbered from 1. Once a patched fixture uses it, it stays as it is. */
#[ORM\Entity]
class FixtureRevision implements Journalled
{
    use Identified;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly FixtureType $type;

    #[ORM\Column]
    public readonly int $number;

    #[ORM\Column(type: JsonTextType::NAME)]
    private string $chart;

    private ?FixtureProfile $profile = null;

    private function __construct(FixtureType $type, int $number, FixtureProfile $profile)
    {
        $this->id = Uuid::v7();
        $this->type = $type;
        $this->number = $number;
        $this->redraw($profile);
    }

    public static function first(FixtureType $type, FixtureProfile $profile): self
    {
        return new self($type, 1, $profile);
    }

    public function next(FixtureProfile $profile): self
    {
        return new self($this->type, $this->number + 1, $profile);
    }

    /** Only while nothing uses it: whoever calls this has asked. */
    public function redraw(FixtureProfile $profile): void
    {
        $this->chart = Json::encode(ProfileWriter::write($profile));
        $this->profile = $profile;
    }

    /** As the core takes it. */
    public function core(): Revision
    {
        return new Revision(
            (string) $this->id,
            (string) $this->type->id(),
            $this->number,
            $this->type->maker(),
            $this->type->model(),
            $this->profile(),
        );
    }

    public function profile(): FixtureProfile
    {
        return $this->profile ??= ProfileReader::read(Json::decode($this->chart));
    }
}
