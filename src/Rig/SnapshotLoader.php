<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Entity\Look;
use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Entity\RadioLink;
use Rigger\App\Entity\Rig;
use Rigger\App\Entity\Support;
use Rigger\App\Entity\TypeCurves;

/** Loads a rig in a handful of queries, however much hangs in it. */
final readonly class SnapshotLoader
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    public function load(Rig $rig): Snapshot
    {
        /** @var list<RadioLink> $links */
        $links = $this->ofRig(RadioLink::class, 'ORDER BY e.place', $rig);
        // The charts once each, before the units that follow them: joined to five hundred units they would come five hundred times.
        $this->manager->createQuery('SELECT r, t FROM '.FixtureRevision::class.' r JOIN r.type t WHERE r.id IN (SELECT IDENTITY(f.revision) FROM '.PatchedFixture::class.' f WHERE f.rig = :rig)')
            ->setParameter('rig', $rig->id(), 'uuid')->getResult();
        /** @var list<PatchedFixture> $fixtures */
        $fixtures = $this->ofRig(PatchedFixture::class, 'ORDER BY e.place', $rig);
        /** @var list<Look> $looks */
        $looks = $this->ofRig(Look::class, 'ORDER BY e.bank, e.number, f.place', $rig, 'LEFT JOIN e.cells c LEFT JOIN c.fixture f', ', c');

        /** @var list<Support> $supports */
        $supports = $this->ofRig(Support::class, 'ORDER BY e.place', $rig);
        /** @var list<TypeCurves> $curves */
        $curves = $this->ofRig(TypeCurves::class, 'ORDER BY e.id', $rig);

        return new Snapshot($rig, $fixtures, $links, $looks, $supports, $curves);
    }

    /**
     * @param class-string $class
     */
    private function ofRig(string $class, string $order, Rig $rig, string $join = '', string $also = ''): mixed
    {
        return $this->manager->createQuery("SELECT e{$also} FROM {$class} e {$join} WHERE e.rig = :rig {$order}")
            ->setParameter('rig', $rig->id(), 'uuid')->getResult();
    }
}
