<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use OpenApi\Attributes as OA;
use Rigger\Core\Compare\ChartDifference;
use Rigger\Core\Edit\Observe;
use Rigger\Core\Learn\FaderSearch;
use Rigger\Core\Learn\Note;
use Rigger\Core\Learn\ObservedRange;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileWriter;
use Rigger\Core\Profile\Range;

/** A search by fader as it stands. */
final readonly class LearnedView
{
    /**
     * @param int|null                   $try         value to try next; null when nothing known is left to narrow down
     * @param list<array<string, mixed>> $ranges      as in a rigger-fixture document, by what was said
     * @param list<string>               $differences where the light disagrees with the chart
     */
    public function __construct(
        public ?int $try,
        public int $triesLeft,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'object'))] public array $ranges,
        public array $differences,
    ) {
    }

    /** @param list<Note> $notes */
    public static function of(FixtureProfile $profile, Channel $channel, array $notes): self
    {
        $search = new FaderSearch($notes);
        $ranges = array_map(
            static fn (ObservedRange $range): Range => Observe::range($range, $channel->label, $profile),
            $search->ranges(),
        );

        return new self(
            $search->next(),
            $search->triesLeft(),
            array_map(ProfileWriter::range(...), $ranges),
            null === $search->next() ? ChartDifference::edges($channel->ranges, $ranges) : [],
        );
    }
}
