<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use OpenApi\Attributes as OA;
use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Repository\RevisionUse;
use Rigger\Core\Profile\ChartChange;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileWriter;

/** One revision: what it changed, and which rigs follow it. */
final readonly class RevisionView
{
    /**
     * @param string                $words what changed since the one before
     * @param list<RevisionUseView> $uses
     * @param array<string, mixed>  $chart rigger-fixture document
     */
    public function __construct(
        public int $number,
        public string $words,
        public array $uses,
        #[OA\Property(type: 'object')] public array $chart,
    ) {
    }

    /** @param list<RevisionUse> $uses */
    public static function of(FixtureRevision $revision, ?FixtureProfile $before, array $uses): self
    {
        return new self($revision->number, null === $before ? 'As it was begun' : ChartChange::words($before, $revision->profile()),
            array_map(
                static fn (RevisionUse $use): RevisionUseView => new RevisionUseView($use->rigId, $use->rig, $use->venue, $use->units),
                $uses,
            ),
            ProfileWriter::write($revision->profile()));
    }
}
