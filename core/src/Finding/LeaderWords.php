<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Names;

/** Units without a desk, as sentences. */
final class LeaderWords
{
    public const CODES = ['no_leader', 'two_leaders', 'leader_and_desk', 'remote_many', 'remote_fights', 'turned_in_vain'];

    public static function title(Finding $finding, Rig $rig): string
    {
        $names = self::names($finding, $rig);

        return match ($finding->code) {
            'no_leader' => $names.(1 === \count($finding->units) ? ' follows' : ' follow').' nobody',
            'two_leaders' => 'Two leaders on one cable',
            'leader_and_desk' => \sprintf('%s leads beside the desk', $names),
            'remote_many' => 'More than the leader hears the remote',
            'remote_fights' => \sprintf('A remote fights the desk at %s', $names),
            default => \sprintf('%s is turned in vain', $names),
        };
    }

    public static function message(Finding $finding, Rig $rig): string
    {
        $names = self::names($finding, $rig);

        return match ($finding->code) {
            'no_leader' => \sprintf('%s wait for a leader, and none is set to lead.', $names),
            'two_leaders' => \sprintf('%s all lead: followers get two orders at once.', $names),
            'leader_and_desk' => \sprintf(
                '%s is plugged into the desk, and %s sends on it too: two talk on one cable.',
                $finding->word('run'),
                $names,
            ),
            'remote_many' => \sprintf(
                '%s %s to the hand remote: one alone should, the leader, and the others do what it does.',
                $names,
                1 === \count($finding->units) ? 'listens' : 'listen',
            ),
            'remote_fights' => \sprintf('%s listens to the desk and to the hand remote: whichever speaks last wins.', $names),
            default => \sprintf(
                '%s of %s is turned round in software, and without a desk nobody turns it: do it in the unit.',
                ucfirst($finding->word('direction')),
                $names,
            ),
        };
    }

    private static function names(Finding $finding, Rig $rig): string
    {
        return Names::few(array_map(static fn (string $id): string => $rig->unit($id)->name, $finding->units));
    }
}
