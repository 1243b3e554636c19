<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use Rigger\Core\Edit\Repair;
use Rigger\Core\Profile\ChartFinding;
use Rigger\Core\Profile\FixtureProfile;

/** One finding of profile.check, with what can be done about it. */
final readonly class ChartFindingView
{
    /**
     * @param list<ChartRepairView> $repairs       the likeliest first
     * @param bool                  $mayBeAccepted whether an operator may say "it is so"
     * @param string|null           $accepted      the note with which somebody did
     */
    public function __construct(
        public string $code,
        public string $severity,
        public string $mode,
        public ?int $channel,
        public ?int $from,
        public ?int $to,
        public string $message,
        public array $repairs,
        public bool $mayBeAccepted,
        public ?string $accepted,
    ) {
    }

    public static function of(FixtureProfile $profile, ChartFinding $finding): self
    {
        return new self(
            $finding->code->value,
            $finding->code->severity()->value,
            $finding->mode,
            $finding->channel,
            $finding->from,
            $finding->to,
            $finding->message,
            array_map(
                static fn (Repair $repair): ChartRepairView => new ChartRepairView($repair->label, $repair->edit),
                Repair::of($profile, $finding),
            ),
            $finding->code->mayBeAccepted(),
            $profile->record?->acceptanceOf($finding)?->note,
        );
    }
}
