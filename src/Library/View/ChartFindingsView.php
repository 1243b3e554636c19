<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileCheck;

/** What is to be said of a chart. */
final readonly class ChartFindingsView
{
    /** @param list<ChartFindingView> $findings in the order of profile.check */
    public function __construct(public array $findings)
    {
    }

    public static function of(FixtureProfile $profile): self
    {
        $findings = [];
        foreach (ProfileCheck::of($profile) as $finding) {
            $findings[] = ChartFindingView::of($profile, $finding);
        }

        return new self($findings);
    }
}
