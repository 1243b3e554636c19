<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\DataRun;
use Rigger\App\Entity\PatchedUnit;
use Rigger\App\Entity\Rig;
use Rigger\App\Entity\RunItem;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Line\RunItem as Item;
use Rigger\Core\Rig\Rig as CoreRig;

/**
 * Puts the difference between the data runs of two rigs on entities.
 *
 * @internal part of Applier
 */
final readonly class RunApplier
{
    public function __construct(private EntityManagerInterface $manager, private Entities $entities)
    {
    }

    public function apply(CoreRig $before, CoreRig $after, Rig $rig): void
    {
        if ($before->runs === $after->runs) {
            return;
        }
        $place = $this->entities->lastPlace('data_run', $rig, [] !== array_diff_key($after->runs, $before->runs));
        $was = self::items($before);
        $is = self::items($after);
        $other = array_filter(array_keys($is), static fn (string $id): bool => isset($was[$id]) && $was[$id] !== $is[$id]);
        $there = $this->entities->all(RunItem::class, [...array_values($other), ...array_keys(array_diff_key($was, $is))]);
        foreach ($after->runs as $id => $run) {
            $old = $before->runs[$id] ?? null;
            if ($old === $run) {
                continue;
            }
            $entity = null === $old ? DataRun::of($rig, $run, ++$place) : $this->entities->one(DataRun::class, $id);
            if (null !== $old) {
                $entity->become($run);
            }
            $this->manager->persist($entity);
            $this->hang($rig, $entity, $run, $was, $there);
        }
        foreach (array_diff_key($was, $is) as $id => $gone) {
            $this->manager->remove($there[$id]);
        }
        foreach (array_diff_key($before->runs, $after->runs) as $id => $gone) {
            $this->manager->remove($this->entities->one(DataRun::class, $id));
        }
    }

    /**
     * @param array<string, array{string, int, Item}> $was
     * @param array<string, RunItem>                  $there those that are otherwise
     */
    private function hang(Rig $rig, DataRun $entity, Run $run, array $was, array $there): void
    {
        foreach ($run->items as $place => $item) {
            if (!isset($was[$item->id])) {
                $unit = null === $item->unitId ? null : $this->entities->one(PatchedUnit::class, $item->unitId);
                $this->manager->persist(RunItem::on($rig, $entity, $unit, $item, $place));
            } else {
                ($there[$item->id] ?? null)?->become($entity, $item, $place);
            }
        }
    }

    /** @return array<string, array{string, int, Item}> run, place and item by id */
    private static function items(CoreRig $rig): array
    {
        $items = [];
        foreach ($rig->runs as $run) {
            foreach ($run->items as $place => $item) {
                $items[$item->id] = [$run->id, $place, $item];
            }
        }

        return $items;
    }
}
