<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\Circuit;
use Rigger\App\Entity\DeskDescription;
use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Entity\FixtureType;
use Rigger\App\Entity\HeldSlots;
use Rigger\App\Entity\KnownFinding;
use Rigger\App\Entity\Look;
use Rigger\App\Entity\PatchedUnit;
use Rigger\App\Entity\RadioKit;
use Rigger\App\Entity\RadioLink;
use Rigger\App\Entity\RadioReceiver;
use Rigger\App\Entity\Rig;
use Rigger\App\Entity\Support;
use Rigger\App\Entity\TypeCurves;
use Rigger\Core\Rig\Rig as CoreRig;
use Rigger\Core\Rig\Unit;

/** Puts the difference between two rigs of the core on entities: only what a change touches becomes one, and the journal sees just that. */
final readonly class Applier
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Entities $entities,
        private RunApplier $runs,
        private CircuitApplier $circuits,
    ) {
    }

    public function apply(CoreRig $before, CoreRig $after, Rig $rig): void
    {
        if ($before->name !== $after->name) {
            $rig->rename($after->name);
        }
        if ($before->desk?->id !== $after->desk?->id) {
            $rig->playOn(null === $after->desk ? null : $this->entities->one(DeskDescription::class, $after->desk->id));
        }
        $this->circuits->apply($before, $after, $rig);
        if ($before->power !== $after->power) {
            $rig->takePower($after->power);
        }
        $this->links($before, $after, $rig);
        $this->receivers($before, $after, $rig);
        $this->units($before, $after, $rig);
        $this->looks($before, $after, $rig);
        $this->supports($before, $after, $rig);
        $this->typeCurves($before, $after, $rig);
        $this->holds($before, $after, $rig);
        $this->known($before, $after, $rig);
        $this->runs->apply($before, $after, $rig);
        if ($before->van !== $after->van) {
            $rig->load($after->van);
        }
        if ($before->houseChannels !== $after->houseChannels) {
            $rig->standBesideHouse($after->houseChannels);
        }
    }

    private function links(CoreRig $before, CoreRig $after, Rig $rig): void
    {
        $place = $this->entities->lastPlace('radio_link', $rig, [] !== array_diff_key($after->links, $before->links));
        foreach ($after->links as $id => $link) {
            $was = $before->links[$id] ?? null;
            if (null === $was) {
                $this->manager->persist(RadioLink::of($rig, $this->entities->one(RadioKit::class, $link->kit->id), $link, ++$place));
            } elseif ($was !== $link) {
                $this->entities->one(RadioLink::class, $id)->become($link);
            }
        }
        foreach (array_diff_key($before->links, $after->links) as $id => $link) {
            $this->manager->remove($this->entities->one(RadioLink::class, $id));
        }
    }

    private function receivers(CoreRig $before, CoreRig $after, Rig $rig): void
    {
        $place = $this->entities->lastPlace('radio_receiver', $rig, [] !== array_diff_key($after->receivers, $before->receivers));
        foreach ($after->receivers as $id => $receiver) {
            $was = $before->receivers[$id] ?? null;
            if ($was === $receiver) {
                continue;
            }
            $link = $this->entities->one(RadioLink::class, $receiver->linkId);
            if (null === $was) {
                $this->manager->persist(RadioReceiver::of($rig, $link, $receiver, ++$place));
            } else {
                $this->entities->one(RadioReceiver::class, $id)->become($link, $receiver);
            }
        }
        foreach (array_diff_key($before->receivers, $after->receivers) as $id => $receiver) {
            $this->manager->remove($this->entities->one(RadioReceiver::class, $id));
        }
    }

    private function units(CoreRig $before, CoreRig $after, Rig $rig): void
    {
        $changed = array_filter($after->units, static fn (Unit $unit): bool => ($before->units[$unit->id] ?? null) !== $unit);
        $gone = array_diff_key($before->units, $after->units);
        $others = array_keys(array_intersect_key($changed, $before->units));
        $there = $this->entities->all(PatchedUnit::class, [...$others, ...array_keys($gone)]);
        $place = $this->entities->lastPlace('patched_fixture', $rig, [] !== array_diff_key($changed, $before->units));
        foreach ($changed as $id => $unit) {
            $was = $before->units[$id] ?? null;
            $revision = $was?->revision() === $unit->revision()
                ? null
                : $this->entities->one(FixtureRevision::class, $unit->revision()->id);
            $radio = match (true) {
                null !== $unit->receiverId => $this->entities->one(RadioReceiver::class, $unit->receiverId),
                null !== $unit->linkId => $this->entities->one(RadioLink::class, $unit->linkId),
                default => null,
            };
            $circuit = null === $unit->circuitId ? null : $this->entities->one(Circuit::class, $unit->circuitId);
            if (null === $was) {
                $there[$id] = PatchedUnit::of(
                    $rig,
                    $revision ?? throw new \LogicException('A new unit follows a revision.'),
                    $radio,
                    $unit,
                    ++$place,
                );
                $this->manager->persist($there[$id]);
            } else {
                $there[$id]->become($was, $unit, $revision, $radio);
            }
            $there[$id]->plugInto($circuit);
        }
        foreach ($gone as $id => $unit) {
            $this->manager->remove($there[$id]);
        }
    }

    private function looks(CoreRig $before, CoreRig $after, Rig $rig): void
    {
        foreach ($after->looks as $id => $look) {
            $was = $before->looks[$id] ?? null;
            if ($was === $look) {
                continue;
            }
            $entity = null === $was ? Look::record($rig, $look) : $this->entities->one(Look::class, $id);
            if (null !== $was) {
                $entity->become($look);
            }
            foreach ($look->values as $unitId => $values) {
                $intent = $look->intents[$unitId] ?? null;
                if (($was->values[$unitId] ?? null) !== $values || ($was->intents[$unitId] ?? null) !== $intent) {
                    $entity->set($this->entities->one(PatchedUnit::class, $unitId), $values, $intent);
                }
            }
            foreach (array_diff_key($was->values ?? [], $look->values) as $unitId => $values) {
                $entity->forget($unitId);
            }
            $this->manager->persist($entity);
        }
        foreach (array_diff_key($before->looks, $after->looks) as $id => $look) {
            $this->manager->remove($this->entities->one(Look::class, $id));
        }
    }

    private function supports(CoreRig $before, CoreRig $after, Rig $rig): void
    {
        $place = $this->entities->lastPlace('support', $rig, [] !== array_diff_key($after->supports, $before->supports));
        foreach ($after->supports as $id => $support) {
            $was = $before->supports[$id] ?? null;
            if (null === $was) {
                $this->manager->persist(Support::of($rig, $support, ++$place));
            } elseif ($was !== $support) {
                $this->entities->one(Support::class, $id)->put($support->held);
            }
        }
        foreach (array_diff_key($before->supports, $after->supports) as $id => $support) {
            $this->manager->remove($this->entities->one(Support::class, $id));
        }
    }

    private function holds(CoreRig $before, CoreRig $after, Rig $rig): void
    {
        $place = $this->entities->lastPlace('held_slots', $rig, [] !== array_diff_key($after->holds, $before->holds));
        foreach ($after->holds as $id => $hold) {
            $was = $before->holds[$id] ?? null;
            if (null === $was) {
                $this->manager->persist(HeldSlots::of($rig, $hold, ++$place));
            } elseif ($was !== $hold) {
                $this->entities->one(HeldSlots::class, $id)->become($hold);
            }
        }
        foreach (array_diff_key($before->holds, $after->holds) as $id => $hold) {
            $this->manager->remove($this->entities->one(HeldSlots::class, $id));
        }
    }

    private function known(CoreRig $before, CoreRig $after, Rig $rig): void
    {
        foreach ($after->known as $id => $known) {
            $was = $before->known[$id] ?? null;
            if (null === $was) {
                $this->manager->persist(KnownFinding::of($rig, $known));
            } elseif ($was !== $known) {
                $this->entities->one(KnownFinding::class, $id)->become($known);
            }
        }
        foreach (array_diff_key($before->known, $after->known) as $id => $known) {
            $this->manager->remove($this->entities->one(KnownFinding::class, $id));
        }
    }

    private function typeCurves(CoreRig $before, CoreRig $after, Rig $rig): void
    {
        foreach ($after->typeCurves + $before->typeCurves as $key => $any) {
            [$was, $is] = [$before->typeCurves[$key] ?? null, $after->typeCurves[$key] ?? null];
            if ($was === $is) {
                continue;
            }
            $type = $this->entities->one(FixtureType::class, $any->typeId);
            $there = null === $was
                ? null
                : $this->manager->getRepository(TypeCurves::class)->findOneBy(['rig' => $rig, 'type' => $type, 'mode' => $any->mode]);
            if (null === $there) {
                $this->manager->persist(TypeCurves::in($rig, $type, $any->mode, $is->curves ?? []));
            } elseif (null === $is) {
                $this->manager->remove($there);
            } else {
                $there->change($is->curves);
            }
        }
    }
}
