<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Rig\View\FindingView;
use Rigger\App\Rig\View\RepairView;
use Rigger\Core\Severity;

/** Radio links that do not meet. */
final class LineFindings
{
    /** @return list<FindingView> */
    public static function of(Snapshot $snapshot): array
    {
        $findings = [];
        foreach ($snapshot->fixtures as $fixture) {
            $silence = Snapshot::silence($fixture);
            $link = $fixture->link();
            if (null !== $silence && null !== $link) {
                $findings[] = new FindingView('lines', 'not_linked', Severity::Error->value, $fixture->name().' hears nothing', $silence, [(string) $fixture->id()], null, new RepairView(\sprintf('Set the receiver of %s to %s', $fixture->name(), $link->name()), (string) $fixture->id(), null, $link->name()));
            }
        }

        return [...$findings, ...self::senders($snapshot)];
    }

    /** @return list<FindingView> */
    private static function senders(Snapshot $snapshot): array
    {
        $findings = [];
        $first = [];
        foreach ($snapshot->links as $link) {
            $behind = array_filter($snapshot->fixtures, static fn ($one): bool => $one->link() === $link);
            if ([] === $behind) {
                $findings[] = new FindingView('lines', 'no_receiver', Severity::Warning->value, \sprintf('%s sends to nobody', $link->label()), \sprintf('%s sends on %s, and no receiver is set to it.', $link->label(), $link->name()), [], null, new RepairView(\sprintf('Remove the sender %s', $link->label()), null, linkId: (string) $link->id()));
            }
            $name = $link->kit->value.' '.$link->name();
            if (isset($first[$name])) {
                $findings[] = new FindingView('lines', 'sender_twice', Severity::Error->value, \sprintf('Two senders on %s', $link->name()), \sprintf('%s and %s both send on %s: receivers will follow either. One sender for each name.', $first[$name], $link->label(), $link->name()), []);
            }
            $first[$name] ??= $link->label();
        }

        return $findings;
    }
}
