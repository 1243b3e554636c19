<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\DeskDescription;
use Rigger\App\Library\View\DeskChoiceView;
use Rigger\App\Problem\Problem;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\Layout;
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

    public static function choice(DeskDescription $one): DeskChoiceView
    {
        return new DeskChoiceView((string) $one->id(), $one->name, $one->desk()->layout->value, self::words($one->desk()));
    }

    public static function words(Desk $desk): string
    {
        $pages = $desk->pages > 1 ? \sprintf(' on %d pages', $desk->pages) : '';

        return match ($desk->layout) {
            Layout::Buttons => \sprintf('%d fixture buttons of %d channels, %d faders%s', $desk->buttons ?? 0, $desk->stride ?? 0, $desk->faders, $pages),
            Layout::Flat => \sprintf('%d plain faders%s', $desk->faders, $pages),
            Layout::Preset => \sprintf('two presets of %d faders%s', $desk->faders, $desk->wide ? ', joined into one row' : ''),
            Layout::Zones => \sprintf('%d zones of %d channels', $desk->buttons ?? 0, min($desk->faders, $desk->stride ?? $desk->faders)),
        };
    }
}
