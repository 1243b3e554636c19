<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use OpenApi\Attributes as OA;
use Rigger\App\Entity\FixtureRevision;
use Rigger\Core\Profile\ProfileWriter;

/** A chart with its place in the library. */
final readonly class ChartView
{
    /**
     * @param array<string, mixed> $chart  rigger-fixture document
     * @param bool                 $isUsed a unit of some rig follows this revision: editing makes a new one
     */
    public function __construct(
        public string $id,
        public int $revision,
        public bool $isUsed,
        #[OA\Property(type: 'object')]
        public array $chart,
    ) {
    }

    public static function of(FixtureRevision $revision, bool $isUsed): self
    {
        return new self((string) $revision->type->id(), $revision->number, $isUsed, ProfileWriter::write($revision->profile()));
    }
}
