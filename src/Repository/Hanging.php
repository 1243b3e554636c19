<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

use Rigger\App\Entity\Rig;
use Rigger\Core\Document\RigDocument;
use Rigger\Core\Rig\KitInUse;
use Rigger\Core\Rig\Revision;
use Rigger\Core\Rig\Rig as CoreRig;
use Symfony\Component\Uid\Uuid;

/** Hangs what a document describes in a rig that is empty yet. */
final readonly class Hanging
{
    public function __construct(private Applier $applier)
    {
    }

    /**
     * @param list<Revision> $revisions one for each of the document's types
     * @param list<KitInUse> $kits      one for each of its radio kits
     */
    public function hang(Rig $rig, RigDocument $document, array $revisions, array $kits): void
    {
        $id = (string) $rig->id();
        // Its name and its desk stand in the entity already.
        $empty = new CoreRig($id, $document->name, $document->venue, 0);
        $hung = $document->rig($id, null, $revisions, $kits, static fn (): string => (string) Uuid::v7());
        $this->applier->apply($empty, $hung, $rig);
    }
}
