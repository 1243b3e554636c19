<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\DeskDescription;
use Rigger\App\Library\View\DeskChoiceView;
use Rigger\App\Problem\Problem;
use Symfony\Component\Uid\Uuid;

/** The library of desks. */
final readonly class Desks
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @throws Problem not_found */
    public function get(string $id): DeskDescription
    {
        $desk = Uuid::isValid($id) ? $this->manager->find(DeskDescription::class, Uuid::fromString($id)) : null;

        return $desk ?? throw Problem::notFound('This desk');
    }

    /** @return list<DeskChoiceView> those on the shelf, by name */
    public function all(): array
    {
        $desks = $this->manager->getRepository(DeskDescription::class)->findBy(['isOnShelf' => true], ['name' => 'ASC']);

        return array_map(self::choice(...), $desks);
    }

    public static function choice(DeskDescription $desk): DeskChoiceView
    {
        return new DeskChoiceView((string) $desk->id(), $desk->name, $desk->desk()->layout->value, $desk->desk()->words());
    }
}
