<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\Circuit;
use Rigger\App\Entity\Rig;
use Rigger\Core\Rig\Rig as CoreRig;

/**
 * Puts the difference between the circuits of two rigs on entities.
 *
 * @internal part of Applier
 */
final readonly class CircuitApplier
{
    public function __construct(private EntityManagerInterface $manager, private Entities $entities)
    {
    }

    public function apply(CoreRig $before, CoreRig $after, Rig $rig): void
    {
        $place = $this->entities->lastPlace('circuit', $rig, [] !== array_diff_key($after->circuits, $before->circuits));
        $made = [];
        foreach ($after->circuits as $id => $circuit) {
            $was = $before->circuits[$id] ?? null;
            if ($was === $circuit) {
                continue;
            }
            $fedBy = null === $circuit->fedBy ? null : $made[$circuit->fedBy] ?? $this->entities->one(Circuit::class, $circuit->fedBy);
            if (null === $was) {
                $made[$id] = Circuit::of($rig, $circuit, $fedBy, ++$place);
                $this->manager->persist($made[$id]);
            } else {
                $this->entities->one(Circuit::class, $id)->become($circuit, $fedBy);
            }
        }
        foreach (array_diff_key($before->circuits, $after->circuits) as $id => $gone) {
            $this->manager->remove($this->entities->one(Circuit::class, $id));
        }
    }
}
