<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\RadioKit;
use Rigger\App\Library\View\KitChoiceView;
use Rigger\App\Problem\Problem;
use Rigger\Core\Input\InputError;
use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Line\Radio\KitCheck;
use Rigger\Core\Rig\Limits;
use Symfony\Component\Uid\Uuid;

/** Descriptions of radio kits, one of a name on the shelf. */
final readonly class KitShelf
{
    public function __construct(private EntityManagerInterface $manager, private Shelving $shelving)
    {
    }

    /** @throws Problem not_found */
    public function get(string $id): RadioKit
    {
        $kit = Uuid::isValid($id) ? $this->manager->find(RadioKit::class, Uuid::fromString($id)) : null;

        return $kit ?? throw Problem::notFound('This radio kit');
    }

    /** @return list<RadioKit> those on the shelf, by name */
    public function all(): array
    {
        return $this->manager->getRepository(RadioKit::class)->findBy(['isOnShelf' => true], ['name' => 'ASC']);
    }

    /** @return list<KitChoiceView> */
    public function choices(): array
    {
        return array_map(self::choice(...), $this->all());
    }

    public static function choice(RadioKit $kit): KitChoiceView
    {
        return new KitChoiceView((string) $kit->id(), $kit->name, $kit->kit()->words());
    }

    /**
     * Keeps a description under its name, in the place of the one that had it.
     *
     * @throws InputError contradiction, or out_of_range for the name; then nothing is stored
     */
    public function put(Kit $kit): RadioKit
    {
        $kit = self::checked($kit);

        return $this->shelving->put(
            RadioKit::class,
            $kit->name,
            static fn (RadioKit $one): bool => $one->kit()->equals($kit),
            static fn (): RadioKit => RadioKit::of($kit),
        );
    }

    /**
     * Brings in a description from elsewhere: the same one is kept once; another of the same name takes the next free number. Of one whose
     * settings alone are known, a kit of that name and these settings is the same.
     *
     * @throws InputError as put
     */
    public function bringIn(Kit $kit): RadioKit
    {
        $kit = self::checked($kit);

        return $this->shelving->bringIn(
            RadioKit::class,
            $kit->name,
            static fn (RadioKit $one, string $name): bool => $one->kit()->equals($kit->withName($name))
                || $kit->isBare() && $one->kit()->settings() === $kit->settings(),
            static fn (string $name): RadioKit => RadioKit::of($kit->withName($name)),
        );
    }

    private static function checked(Kit $kit): Kit
    {
        $kit = $kit->withName(Limits::name($kit->name, 'name'));
        KitCheck::refuse($kit);

        return $kit;
    }
}
