<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\Journalled;
use Rigger\Core\Profile\FixtureProfile;
use Symfony\Component\Uid\Uuid;

/** A model of fixture in the library; what its chart says stands in its revisions. */
#[ORM\Entity]
class FixtureType implements Journalled
{
    use Identified;
    use InWastebasket;

    #[ORM\Column(type: 'text')]
    private string $maker;

    #[ORM\Column(type: 'text')]
    private string $model;

    private function __construct(string $maker, string $model)
    {
        $this->id = Uuid::v7();
        $this->maker = $maker;
        $this->model = $model;
    }

    public static function of(FixtureProfile $profile): self
    {
        return new self($profile->maker, $profile->model);
    }

    /** The name follows the newest chart. */
    public function nameAfter(FixtureProfile $profile): void
    {
        $this->maker = $profile->maker;
        $this->model = $profile->model;
    }

    public function maker(): string
    {
        return $this->maker;
    }

    public function model(): string
    {
        return $this->model;
    }
}
