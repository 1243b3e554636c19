<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Change\Line\ConnectUnit;
use Rigger\Core\Change\Line\RemoveLink;
use Rigger\Core\Change\Proposal;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Severity;

/** Radio links that do not meet. */
final class LinkJudge
{
    /** @return list<Finding> */
    public static function findings(Rig $rig): array
    {
        $findings = [];
        $behind = [];
        foreach ($rig->units as $unit) {
            $behind[$unit->linkId ?? ''] = true;
            if (null !== $rig->silence($unit)) {
                $findings[] = new Finding('lines', 'not_linked', Severity::Error, [$unit->id], linkId: $unit->linkId);
            }
        }
        $first = [];
        foreach ($rig->links as $link) {
            if (!isset($behind[$link->id])) {
                $findings[] = new Finding('lines', 'no_receiver', Severity::Warning, linkId: $link->id);
            }
            $name = $link->kit->value.' '.$link->name;
            if (isset($first[$name])) {
                $findings[] = new Finding('lines', 'sender_twice', Severity::Error, figures: ['first' => $first[$name]], linkId: $link->id);
            }
            $first[$name] ??= $link->id;
        }

        return $findings;
    }

    /** @return list<Proposal> */
    public static function proposals(Rig $rig, Finding $finding): array
    {
        if (null === $finding->linkId) {
            return [];
        }
        $link = $rig->link($finding->linkId);

        return match ($finding->code) {
            'not_linked' => [new Proposal(
                \sprintf('Set the receiver of %s to %s', $rig->unit($finding->units[0])->name, $link->name),
                [new ConnectUnit($finding->units[0], $link->id, $link->name)],
                1,
            )],
            'no_receiver' => [new Proposal(\sprintf('Remove the sender %s', $link->label), [new RemoveLink($link->id)])],
            default => [],
        };
    }
}
