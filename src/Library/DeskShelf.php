<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\DeskDescription;
use Rigger\Core\Desk\DescriptionCheck;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Limits;

/** Descriptions of desks, one of a name on the shelf. */
final readonly class DeskShelf
{
    public function __construct(private EntityManagerInterface $manager, private Shelving $shelving)
    {
    }

    /**
     * Keeps a description under its name, in the place of the one that had it.
     *
     * @throws InputError contradiction, or out_of_range for the name; then nothing is stored
     */
    public function put(Desk $desk): DeskDescription
    {
        $desk = self::checked($desk);

        return $this->shelving->put(
            DeskDescription::class,
            $desk->name,
            static fn (DeskDescription $one): bool => $one->desk()->equals($desk),
            static fn (): DeskDescription => DeskDescription::of($desk),
        );
    }

    /**
     * Brings in a description from elsewhere: the same one is kept once; another of the same name takes the next free number.
     *
     * @throws InputError as put
     */
    public function bringIn(Desk $desk): DeskDescription
    {
        $desk = self::checked($desk);

        return $this->shelving->bringIn(
            DeskDescription::class,
            $desk->name,
            static fn (DeskDescription $one, string $name): bool => $one->desk()->equals($desk->withName($name)),
            static fn (string $name): DeskDescription => DeskDescription::of($desk->withName($name)),
        );
    }

    /** The same description in a variant that a rig sets its desk to; the shelf stays as it is. */
    public function variant(Desk $desk): DeskDescription
    {
        foreach ($this->shelving->named(DeskDescription::class, $desk->name) as $one) {
            if ($one->desk()->equals($desk)) {
                return $one;
            }
        }
        $kept = DeskDescription::of($desk);
        $kept->takeOffShelf();
        $this->manager->persist($kept);

        return $kept;
    }

    private static function checked(Desk $desk): Desk
    {
        $desk = $desk->withName(Limits::name($desk->name, 'name'));
        DescriptionCheck::refuse($desk);

        return $desk;
    }
}
