<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Desk\DeskWriter;
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
            'links' => array_map(
                static fn (LinkEntry $one): array => ['kit' => $one->kit->value, 'label' => $one->label, 'name' => $one->name],
                $rig->links,
            ),
            'fixtures' => array_map(FixtureEntryReader::write(...), $rig->fixtures),
            'looks' => array_map(static fn (LookEntry $one): array => [
                'name' => $one->name, 'bank' => $one->bank, 'number' => $one->number,
                'cells' => array_map(
                    static fn (int $fixture, array $values): array => ['fixture' => $fixture, 'values' => $values],
                    array_keys($one->values),
                    $one->values,
                ),
            ], $rig->looks),
        ] + ([] === $rig->supports
            ? []
            : ['supports' => array_map(
                static fn (Support $one): array => ['kind' => $one->kind->value] + get_object_vars($one),
                $rig->supports,
            )])
            + ([] === $rig->typeCurves ? [] : ['typeCurves' => array_map(static fn (TypeCurvesEntry $one): array => [
                'type' => $one->type, 'mode' => $one->mode, 'curves' => array_map(
                    static fn (ChannelCurve $curve): array => $curve->toArray(),
                    $one->curves,
                ),
            ], $rig->typeCurves)]);
    }
}
