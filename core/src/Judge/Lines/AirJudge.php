<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Change\Line\ConnectUnit;
use Rigger\Core\Change\Line\TuneLink;
use Rigger\Core\Change\Proposal;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Line\Radio\Band;
use Rigger\Core\Rig\Line\Reach;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Severity;

/** What happens in the air: links on frequencies that meet, the house's own network, and receivers that are too far away. */
final class AirJudge
{
    /** @return list<Finding> link by link */
    public static function findings(Rig $rig): array
    {
        $findings = $before = [];
        foreach ($rig->links as $link) {
            $band = $link->kit->kit->band($link->name);
            if (null !== $band) {
                array_push($findings, ...self::inTheBand($rig, $link, $band, $before));
                $before[] = [$link, $band];
            }
            array_push($findings, ...self::far($rig, $link));
        }

        return $findings;
    }

    /**
     * @param list<array{Link, Band}> $before links that were looked at, with where they send
     *
     * @return list<Finding>
     */
    private static function inTheBand(Rig $rig, Link $link, Band $band, array $before): array
    {
        $findings = [];
        foreach ($before as [$other, $theirs]) {
            if ($theirs->meets($band) && $other->name !== $link->name) {
                $findings[] = new Finding('lines', 'frequencies_clash', Severity::Warning, figures: [
                    'first' => $other->id, 'mine' => $band->words(), 'theirs' => $theirs->words(),
                ], linkId: $link->id);
                break;
            }
        }
        $channel = self::houseChannel($rig, $band);
        if (null !== $channel) {
            $findings[] = new Finding('lines', 'house_network', Severity::Caution, figures: [
                'channel' => $channel, 'house' => Band::ofHouse($channel)->words(), 'mine' => $band->words(),
            ], linkId: $link->id);
        }

        return $findings;
    }

    /** @return list<Proposal> */
    public static function proposals(Rig $rig, Finding $finding): array
    {
        $link = $rig->links[$finding->linkId ?? ''] ?? null;
        if (null === $link || !\in_array($finding->code, ['frequencies_clash', 'house_network'], true)) {
            return [];
        }
        $setting = self::clear($rig, $link);
        $behind = $rig->onePerReceiver(array_values(array_filter(
            $rig->units,
            static fn (Unit $unit): bool => $unit->linkId === $link->id,
        )));

        return null === $setting ? [] : [new Proposal(
            \sprintf(
                'Set %s%s to %s, where nobody else is',
                $link->label,
                [] === $behind ? '' : (1 === \count($behind) ? ' and its receiver' : ' and its receivers'),
                $setting,
            ),
            [
                new TuneLink($link->id, $setting),
                ...array_map(static fn (Unit $unit): ConnectUnit => new ConnectUnit($unit->id, $link->id, $setting), $behind),
            ],
            \count(array_filter($behind, static fn (Unit $unit): bool => $unit->receiver !== $setting)),
        )];
    }

    /** The first setting that meets neither another link nor the house's network. */
    private static function clear(Rig $rig, Link $link): ?string
    {
        $kit = $link->kit->kit;
        foreach ($kit->settings() as $setting) {
            $band = $kit->band($setting);
            if (null === $band || null !== self::houseChannel($rig, $band)) {
                continue;
            }
            foreach ($rig->links as $other) {
                $theirs = $other->id === $link->id ? null : $other->kit->kit->band($other->name);
                if (null !== $theirs && $theirs->meets($band)) {
                    continue 2;
                }
            }

            return $setting;
        }

        return null;
    }

    private static function houseChannel(Rig $rig, Band $band): ?int
    {
        foreach ($rig->houseChannels as $channel) {
            if (Band::ofHouse($channel)->meets($band)) {
                return $channel;
            }
        }

        return null;
    }

    /** @return list<Finding> one for all that hear too little */
    private static function far(Rig $rig, Link $link): array
    {
        $weak = [];
        $worst = null;
        foreach ($rig->onePerReceiver(array_values($rig->units)) as $unit) {
            $reach = $unit->linkId === $link->id && !$unit->isOut ? Reach::of($link, $rig->spotOfReceiver($unit)) : null;
            if (null !== $reach && \in_array($reach->margin->verdict(), ['weak', 'none'], true)) {
                $weak[] = $unit->id;
                $worst = null === $worst || $reach->margin->marginDb < $worst->margin->marginDb ? $reach : $worst;
            }
        }

        return null === $worst ? [] : [new Finding(
            'lines',
            'far_away',
            'none' === $worst->margin->verdict() ? Severity::Error : Severity::Warning,
            $weak,
            ['metres' => round($worst->metres, 1), 'margin' => round($worst->margin->marginDb, 1), 'place' => $link->place->words()],
            linkId: $link->id,
            cause: 'air',
        )];
    }
}
