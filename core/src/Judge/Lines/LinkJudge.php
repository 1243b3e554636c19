<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Change\Line\ConnectUnit;
use Rigger\Core\Change\Line\RemoveLink;
use Rigger\Core\Change\Proposal;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Severity;
use Rigger\Core\Text\Names;

/** Radio links that do not meet. */
final class LinkJudge
{
    /** @return list<Finding> */
    public static function findings(Rig $rig): array
    {
        $behind = $silent = [];
        foreach ($rig->units as $unit) {
            $behind[$unit->linkId ?? ''] = true;
            if (!$unit->isOut && null !== $rig->silence($unit)) {
                $silent[$unit->linkId ?? ''][] = $unit->id;
            }
        }
        $findings = array_map(
            static fn (array $units, string $link): Finding => new Finding('lines', 'not_linked', Severity::Error, $units, linkId: $link),
            array_values($silent),
            array_map(strval(...), array_keys($silent)),
        );
        $first = [];
        foreach ($rig->links as $link) {
            if (!isset($behind[$link->id])) {
                $findings[] = new Finding('lines', 'no_receiver', Severity::Warning, linkId: $link->id);
            }
            $name = $link->kit->kit->name.' '.$link->name;
            if (isset($first[$name])) {
                $findings[] = new Finding('lines', 'sender_twice', Severity::Error, figures: ['first' => $first[$name]], linkId: $link->id);
            }
            $first[$name] ??= $link->id;
        }

        return $findings;
    }

    /**
     * @param list<string> $units that hear nothing
     *
     * @return list<Proposal>
     */
    private static function linked(Rig $rig, array $units, Link $link): array
    {
        if ([] === $units) {
            return [];
        }

        $heads = $rig->onePerReceiver(array_map(static fn (string $id): Unit => $rig->unit($id), $units));
        $names = array_map(
            static fn (Unit $unit): string => null === $unit->receiverId ? $unit->name : $rig->receiver($unit->receiverId)->label,
            $heads,
        );

        return [new Proposal(
            1 === \count($heads) && null !== $heads[0]->receiverId
                ? \sprintf('Set receiver %s to %s', $names[0], $link->name)
                : \sprintf('Set the receiver%s of %s to %s', 1 === \count($heads) ? '' : 's', Names::few($names), $link->name),
            array_map(static fn (Unit $unit): ConnectUnit => new ConnectUnit($unit->id, $link->id, $link->name), $heads),
            \count($heads),
        )];
    }

    /** @return list<Proposal> */
    public static function proposals(Rig $rig, Finding $finding): array
    {
        if (null === $finding->linkId) {
            return [];
        }
        $link = $rig->link($finding->linkId);

        return match ($finding->code) {
            'not_linked' => self::linked($rig, $finding->units, $link),
            'no_receiver' => [new Proposal(\sprintf('Remove the sender %s', $link->label), [new RemoveLink($link->id)])],
            default => [],
        };
    }
}
