<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\App\Doctrine\JsonTextType;
use Rigger\Core\Input\Json;
use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Line\Radio\KitReader;
use Rigger\Core\Line\Radio\KitWriter;
use Rigger\Core\Rig\KitInUse;
use Symfony\Component\Uid\Uuid;

/** A description of a radio kit. It stays as it is: see KitShelf. */
#[ORM\Entity]
class RadioKit
{
    use Identified;
    use OnShelf;

    #[ORM\Column(type: 'text')]
    public readonly string $name;

    #[ORM\Column(type: JsonTextType::NAME)]
    private string $document;

    private ?Kit $kit = null;

    private function __construct(Kit $kit)
    {
        $this->id = Uuid::v7();
        $this->name = $kit->name;
        $this->document = Json::encode(KitWriter::write($kit));
    }

    public static function of(Kit $kit): self
    {
        return new self($kit);
    }

    public function inUse(): KitInUse
    {
        return new KitInUse((string) $this->id, $this->kit());
    }

    public function kit(): Kit
    {
        return $this->kit ??= KitReader::read(Json::decode($this->document));
    }
}
