<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\JsonTextType;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Desk\DeskWriter;
use Rigger\Core\Input\Json;
use Rigger\Core\Rig\DeskInUse;
use Symfony\Component\Uid\Uuid;

/** A description of a desk. It stays as it is: see DeskShelf. */
#[ORM\Entity, ORM\Table(name: 'desk')]
class DeskDescription
{
    use Identified;
    use OnShelf;

    #[ORM\Column(type: 'text')]
    public readonly string $name;

    #[ORM\Column(type: JsonTextType::NAME)]
    private string $document;

    private ?Desk $desk = null;

    private function __construct(Desk $desk)
    {
        $this->id = Uuid::v7();
        $this->name = $desk->name;
        $this->document = Json::encode(DeskWriter::write($desk));
    }

    public static function of(Desk $desk): self
    {
        return new self($desk);
    }

    public function inUse(): DeskInUse
    {
        return new DeskInUse((string) $this->id, $this->desk(), $this->isOnShelf);
    }

    public function desk(): Desk
    {
        return $this->desk ??= DeskReader::read(Json::decode($this->document));
    }
}
