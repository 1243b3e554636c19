<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\DeskDescription;
use Rigger\Core\Desk\DescriptionCheck;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Limits;

/**
 * Descriptions of desks, one of a name on the shelf.
 *
 * A description is never changed once it is kept: rigs and their journals refer to it. A changed one takes its place on the shelf.
 */
final readonly class DeskShelf
{
    public function __construct(private EntityManagerInterface $manager)
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
        $kept = null;
        foreach ($this->named($desk->name) as $one) {
            $isSame = $one->desk()->equals($desk);
            $kept = $isSame ? $one : $kept;
            if (!$isSame) {
                $one->takeOffShelf();
            }
        }
        $this->manager->flush();
        if (null === $kept) {
            $this->manager->persist($kept = DeskDescription::of($desk));
        }
        $kept->putOnShelf();
        $this->manager->flush();

        return $kept;
    }

    /**
     * Brings in a description from elsewhere: the same one is kept once; another of the same name takes the next free number.
     *
     * @throws InputError as put
     */
    public function bringIn(Desk $desk): DeskDescription
    {
        $desk = self::checked($desk);
        for ($nth = 1;; ++$nth) {
            $named = 1 === $nth ? $desk : $desk->withName($desk->name.' ('.$nth.')');
            $there = $this->named($named->name);
            foreach ($there as $one) {
                if ($one->desk()->equals($named)) {
                    $one->bringBack();

                    return $one;
                }
            }
            if ([] === $there) {
                $this->manager->persist($kept = DeskDescription::of($named));
                $this->manager->flush();

                return $kept;
            }
        }
    }

    /** The same description in a variant that a rig sets its desk to; the shelf stays as it is. */
    public function variant(Desk $desk): DeskDescription
    {
        foreach ($this->named($desk->name) as $one) {
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

    /** @return list<DeskDescription> newest first */
    private function named(string $name): array
    {
        return $this->manager->getRepository(DeskDescription::class)->findBy(['name' => $name], ['id' => 'DESC']);
    }
}
