<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use OpenApi\Attributes as OA;
use Rigger\App\Entity\FixtureRevision;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\ProfileWriter;
use Rigger\Core\Profile\RangeLine;

/** A chart with its place in the library. */
final readonly class ChartView
{
    /**
     * @param array<string, mixed>     $chart  rigger-fixture document
     * @param bool                     $isUsed a unit of some rig follows this revision: editing makes a new one
     * @param list<list<list<string>>> $lines  how each range is typed, by mode, channel and range in the chart's order
     */
    public function __construct(
        public string $id,
        public int $revision,
        public bool $isUsed,
        #[OA\Property(type: 'object')]
        public array $chart,
        public array $lines,
    ) {
    }

    public static function of(FixtureRevision $revision, bool $isUsed): self
    {
        return new self((string) $revision->type->id(), $revision->number, $isUsed, ProfileWriter::write($revision->profile()), array_map(
            static fn (Mode $mode): array => array_map(
                static fn (Channel $channel): array => array_map(RangeLine::write(...), $channel->ranges),
                $mode->channels,
            ),
            $revision->profile()->modes,
        ));
    }
}
