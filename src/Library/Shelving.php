<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\DeskDescription;
use Rigger\App\Entity\RadioKit;

/**
 * Descriptions of which one of a name stands on the shelf.
 *
 * A description is never changed once it is kept: rigs and their journals refer to it. A changed one takes its place on the shelf.
 */
final readonly class Shelving
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /**
     * Keeps a description under its name, in the place of the one that had it.
     *
     * @template T of DeskDescription|RadioKit
     *
     * @param class-string<T>   $class
     * @param callable(T): bool $isSame whether one that is there says the same
     * @param callable(): T     $make
     *
     * @return T
     */
    public function put(string $class, string $name, callable $isSame, callable $make): object
    {
        $kept = null;
        foreach ($this->named($class, $name) as $one) {
            $same = $isSame($one);
            $kept = $same ? $one : $kept;
            if (!$same) {
                $one->takeOffShelf();
            }
        }
        $this->manager->flush();
        if (null === $kept) {
            $this->manager->persist($kept = $make());
        }
        $kept->putOnShelf();
        $this->manager->flush();

        return $kept;
    }

    /**
     * Brings in a description from elsewhere: the same one is kept once; another of the same name takes the next free number.
     *
     * @template T of DeskDescription|RadioKit
     *
     * @param class-string<T>           $class
     * @param callable(T, string): bool $isSame whether one that is there says the same under a name
     * @param callable(string): T       $make   under a name
     *
     * @return T
     */
    public function bringIn(string $class, string $name, callable $isSame, callable $make): object
    {
        for ($nth = 1;; ++$nth) {
            $called = 1 === $nth ? $name : $name.' ('.$nth.')';
            $there = $this->named($class, $called);
            foreach ($there as $one) {
                if ($isSame($one, $called)) {
                    $one->bringBack();

                    return $one;
                }
            }
            if ([] === $there) {
                $this->manager->persist($kept = $make($called));
                $this->manager->flush();

                return $kept;
            }
        }
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return list<T> newest first
     */
    public function named(string $class, string $name): array
    {
        return $this->manager->getRepository($class)->findBy(['name' => $name], ['id' => 'DESC']);
    }
}
