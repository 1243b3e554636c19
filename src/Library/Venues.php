<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\DeskDescription;
use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Entity\FixtureType;
use Rigger\App\Entity\PatchedUnit;
use Rigger\App\Entity\RadioKit;
use Rigger\App\Entity\Rig;
use Rigger\App\Entity\Venue;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Repository\Types;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Document\RigDocument;
use Rigger\Core\Document\VenueDocument;
use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Profile\FixtureProfile;

/** A stored venue to its open document. */
final readonly class Venues
{
    public function __construct(
        private EntityManagerInterface $manager,
        private CoreRigs $rigs,
        private Types $types,
        private KitShelf $kits,
    ) {
    }

    /** @throws Problem not_found */
    public function document(string $name): VenueDocument
    {
        $venue = $this->manager->getRepository(Venue::class)->findOneBy(['name' => $name]) ?? throw Problem::notFound('This venue');
        $rigs = $this->manager->getRepository(Rig::class)->findBy(['venue' => $venue, 'thrownAt' => null], ['id' => 'ASC']);
        $desks = $this->manager->getRepository(DeskDescription::class)->findBy(['isOnShelf' => true], ['name' => 'ASC']);

        return new VenueDocument(
            $venue->name,
            array_map($this->revisions(...), $this->typesOf($rigs)),
            array_map(static fn (DeskDescription $desk): Desk => $desk->desk(), $desks),
            array_map(fn (Rig $rig): RigDocument => RigDocument::of($this->rigs->get($rig->id())), $rigs),
            array_map(static fn (RadioKit $kit): Kit => $kit->kit(), $this->kits->all()),
        );
    }

    /**
     * @param list<Rig> $rigs
     *
     * @return list<FixtureType> by maker and model
     */
    private function typesOf(array $rigs): array
    {
        /** @var list<FixtureType> */
        return [] === $rigs
            ? []
            : $this->manager->createQuery(
                'SELECT DISTINCT t FROM '.FixtureType::class.' t JOIN '.FixtureRevision::class.' r WITH r.type = t JOIN '
                    .PatchedUnit::class.' f WITH f.revision = r WHERE f.rig IN (:rigs) ORDER BY t.maker, t.model',
            )
            ->setParameter('rigs', array_map(static fn (Rig $rig): string => (string) $rig->id(), $rigs))->getResult();
    }

    /** @return non-empty-list<FixtureProfile> oldest first */
    private function revisions(FixtureType $type): array
    {
        $profiles = array_map(
            static fn (FixtureRevision $revision): FixtureProfile => $revision->profile(),
            array_reverse($this->types->revisions($type)),
        );

        return [] === $profiles ? throw new \LogicException('A type that hangs has a revision.') : $profiles;
    }
}
