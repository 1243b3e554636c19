<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Rig\Rig;

/** The one place where a finding becomes a sentence. */
final class Wording
{
    /** A few words above the sentence: "Pack A sits on Batten". */
    public static function title(Finding $finding, Rig $rig): string
    {
        return match ($finding->stage) {
            'fixtures' => ChartWords::title($finding, $rig),
            'patch' => PatchWords::title($finding, $rig),
            'lines' => match (true) {
                \in_array($finding->code, LineWords::CODES, true) => LineWords::title($finding, $rig),
                \in_array($finding->code, LeaderWords::CODES, true) => LeaderWords::title($finding, $rig),
                \in_array($finding->code, PowerWords::CODES, true) => PowerWords::title($finding, $rig),
                default => RunWords::title($finding, $rig),
            },
            'desk' => DeskWords::title($finding, $rig),
            default => LookWords::title($finding, $rig),
        };
    }

    /** What it is and what follows from it, with its numbers. */
    public static function message(Finding $finding, Rig $rig): string
    {
        return match ($finding->stage) {
            'fixtures' => ChartWords::message($finding, $rig),
            'patch' => PatchWords::message($finding, $rig),
            'lines' => match (true) {
                \in_array($finding->code, LineWords::CODES, true) => LineWords::message($finding, $rig),
                \in_array($finding->code, LeaderWords::CODES, true) => LeaderWords::message($finding, $rig),
                \in_array($finding->code, PowerWords::CODES, true) => PowerWords::message($finding, $rig),
                default => RunWords::message($finding, $rig),
            },
            'desk' => DeskWords::message($finding, $rig),
            default => LookWords::message($finding, $rig),
        };
    }
}
