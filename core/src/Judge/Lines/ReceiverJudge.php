<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Change\Line\ConnectUnit;
use Rigger\Core\Change\Line\Outputs;
use Rigger\Core\Change\Line\PutBehind;
use Rigger\Core\Change\Line\RemoveReceiver;
use Rigger\Core\Change\Proposal;
use Rigger\Core\Change\Unit\MoveUnits;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Rig\Receiver;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Severity;

/** Receivers that several units share: nobody behind one, outputs that are not there, and one that is to have two addresses. */
final class ReceiverJudge
{
    /** @return list<Finding> receiver by receiver */
    public static function findings(Rig $rig): array
    {
        $findings = [];
        foreach ($rig->receivers as $receiver) {
            $behind = $rig->behind($receiver->id);
            if ([] === $behind) {
                $findings[] = new Finding('lines', 'receiver_idle', Severity::Warning, figures: [
                    'key' => $receiver->id, 'receiver' => $receiver->label,
                ], linkId: $receiver->linkId);
            }
            $has = $rig->link($receiver->linkId)->kit->kit->outputs;
            if ($has > 0) {
                array_push($findings, ...self::shared($receiver, $has, $behind));
            }
        }

        return $findings;
    }

    /**
     * An output listens at one address: two lamps on it follow one fader.
     *
     * @param int        $has    outputs of the receiver
     * @param list<Unit> $behind
     *
     * @return list<Finding>
     */
    private static function shared(Receiver $receiver, int $has, array $behind): array
    {
        $first = $findings = [];
        foreach ($behind as $unit) {
            $highest = max(0, ...$unit->outputs());
            if ($highest > $has) {
                $findings[] = new Finding('lines', 'no_such_output', Severity::Error, [$unit->id], [
                    'key' => $receiver->id, 'receiver' => $receiver->label, 'output' => $highest, 'has' => $has,
                ], linkId: $receiver->linkId);
                continue;
            }
            foreach ($unit->outputs() as $nth => $output) {
                $address = $unit->place->address + $nth;
                [$other, $theirs] = $first[$output] ?? [null, $address];
                $first[$output] ??= [$unit, $address];
                if (null !== $other && ($theirs !== $address || $other->place->universe !== $unit->place->universe)) {
                    $findings[] = new Finding('lines', 'output_twice', Severity::Error, [$other->id, $unit->id], [
                        'key' => $receiver->id, 'receiver' => $receiver->label, 'output' => $output,
                        'theirs' => $theirs, 'mine' => $address,
                    ], linkId: $receiver->linkId);
                    break;
                }
            }
        }

        return $findings;
    }

    /** @return list<Proposal> */
    public static function proposals(Rig $rig, Finding $finding): array
    {
        $receiver = isset($finding->figures['receiver']) ? $rig->receivers[$finding->word('key')] ?? null : null;
        if (null === $receiver) {
            return [];
        }

        return match ($finding->code) {
            'receiver_idle' => [new Proposal(\sprintf('Remove receiver %s', $receiver->label), [new RemoveReceiver($receiver->id)])],
            'no_such_output' => self::within($rig, $receiver, $rig->unit($finding->units[0])),
            'output_twice' => self::apart($rig, $receiver, $rig->unit($finding->units[0]), $rig->unit($finding->units[1])),
            default => [],
        };
    }

    /** @return list<Proposal> outputs that nobody has, or a receiver of its own */
    private static function within(Rig $rig, Receiver $receiver, Unit $unit): array
    {
        return [
            ...self::onFreeOutputs($rig, $receiver, $unit),
            new Proposal(
                \sprintf('Give %s a receiver of its own', $unit->name),
                [new ConnectUnit($unit->id, $receiver->linkId, $receiver->setting, isOwn: true)],
                1,
                SharedBattery::lostWith($rig, $unit),
            ),
        ];
    }

    /** @return list<Proposal> outputs of its own, or one address for both */
    private static function apart(Rig $rig, Receiver $receiver, Unit $first, Unit $second): array
    {
        $isAlike = $first->at->identity === $second->at->identity && $first->outputs() === $second->outputs();

        return [
            ...self::onFreeOutputs($rig, $receiver, $second),
            ...(!$isAlike || $second->stays() || \count($rig->together($second)->units) > 1 ? [] : [new Proposal(
                \sprintf('Give %s the address of %s, %s', $second->name, $first->name, $first->place->words()),
                [MoveUnits::at($first->place, $second->id)],
                1,
            )]),
        ];
    }

    /** @return list<Proposal> none where too few are free */
    private static function onFreeOutputs(Rig $rig, Receiver $receiver, Unit $unit): array
    {
        $free = Outputs::free($rig, $unit, $receiver);
        $outputs = \array_slice($free, 0, $unit->footprint());

        return \count($outputs) < $unit->footprint() ? [] : [new Proposal(
            \sprintf('Put %s on output %s of %s', $unit->name, implode(', ', $outputs), $receiver->label),
            [new PutBehind($unit->id, $receiver->id, $outputs)],
            1,
        )];
    }
}
