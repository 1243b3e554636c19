<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Desk\DeskWriter;
use Rigger\Core\Line\Radio\KitWriter;
use Rigger\Core\Position\Support;
use Rigger\Core\Profile\ProfileWriter;

/** A RigDocument to its open document; reading what is written gives the same rig. */
final class RigWriter
{
    /** @return array<string, mixed> */
    public static function write(RigDocument $rig): array
    {
        return [
            'format' => RigDocument::FORMAT,
            'version' => RigDocument::VERSION,
            'name' => $rig->name,
            'venue' => $rig->venue,
            'desk' => null === $rig->desk ? null : DeskWriter::write($rig->desk),
            'types' => array_map(ProfileWriter::write(...), $rig->types),
            'links' => array_map(static fn (LinkEntry $link): array => $link->toArray(), $rig->links),
            'fixtures' => array_map(UnitEntryReader::write(...), $rig->units),
            'looks' => array_map(static fn (LookEntry $look): array => [
                'name' => $look->name, 'bank' => $look->bank, 'number' => $look->number,
                'cells' => array_map(
                    static fn (int $unit, array $values): array => ['fixture' => $unit, 'values' => $values]
                        + (isset($look->intents[$unit]) ? ['intent' => $look->intents[$unit]->toArray()] : []),
                    array_keys($look->values),
                    $look->values,
                ),
            ] + (null === $look->made ? [] : ['made' => $look->made->value]), $rig->looks),
        ] + ([] === $rig->supports
            ? []
            : ['supports' => array_map(
                static fn (Support $support): array => ['kind' => $support->kind->value] + get_object_vars($support),
                $rig->supports,
            )])
            + ([] === $rig->typeCurves ? [] : ['typeCurves' => array_map(static fn (TypeCurvesEntry $curves): array => [
                'type' => $curves->type, 'mode' => $curves->mode, 'curves' => array_map(
                    static fn (ChannelCurve $curve): array => $curve->toArray(),
                    $curves->curves,
                ),
            ], $rig->typeCurves)])
            + ([] === $rig->holds ? [] : ['holds' => array_map(static fn (HoldEntry $hold): array => $hold->toArray(), $rig->holds)])
            + ([] === $rig->known ? [] : ['known' => array_map(static fn (KnownEntry $known): array => $known->toArray(), $rig->known)])
            + ([] === $rig->runs ? [] : ['runs' => array_map(static fn (RunEntry $run): array => $run->toArray(), $rig->runs)])
            + ([] === $rig->kits ? [] : ['kits' => array_map(KitWriter::write(...), $rig->kits)])
            + ([] === $rig->receivers ? [] : ['receivers' => array_map(
                static fn (ReceiverEntry $receiver): array => $receiver->toArray(),
                $rig->receivers,
            )])
            + ([] === $rig->circuits ? [] : ['circuits' => array_map(
                static fn (CircuitEntry $circuit): array => $circuit->toArray(),
                $rig->circuits,
            )])
            + ($rig->power->isUsual() ? [] : ['power' => PowerEntry::write($rig->power)])
            + ([] === $rig->house ? [] : ['house' => $rig->house])
            + ($rig->van->isUsual() ? [] : ['van' => VanEntry::write($rig->van)]);
    }
}
