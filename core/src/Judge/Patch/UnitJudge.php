<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Patch;

use Rigger\Core\Curve\LeftLit;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Severity;

/** What will catch someone out about single units: a floor that glows in a blackout, a number given twice. */
final class UnitJudge
{
    /** @return list<Finding> */
    public static function findings(Rig $rig): array
    {
        return [...self::glowing($rig), ...self::numberedTwice($rig)];
    }

    /** @return list<Finding> one for all units whose type glows by one curve */
    private static function glowing(Rig $rig): array
    {
        $units = $figures = [];
        foreach (array_filter($rig->units, static fn (Unit $unit): bool => !$unit->isOut) as $unit) {
            foreach ($rig->trim($unit)->curves as $curve) {
                $channel = $unit->mode()->channel($curve->channel);
                $glow = null === $channel ? null : LeftLit::of($channel, $curve->curve);
                if (null === $glow) {
                    continue;
                }
                $isOwn = \in_array($curve, $unit->curves, true);
                $cause = $curve->channel.' '.($isOwn ? $unit->id : $unit->revision()->typeId.'/'.$unit->mode()->key);
                $units[$cause][] = $unit->id;
                $figures[$cause] = [
                    'channel' => $curve->channel,
                    'value' => $glow->value,
                    'level' => $glow->level,
                    'key' => (string) $curve->channel,
                ];
            }
        }

        return array_map(
            static fn (array $ids, array $figures): Finding => new Finding('patch', 'glows', Severity::Caution, $ids, $figures),
            array_values($units),
            array_values($figures),
        );
    }

    /** @return list<Finding> */
    private static function numberedTwice(Rig $rig): array
    {
        $findings = $numbers = [];
        foreach ($rig->units as $unit) {
            if (null !== $unit->number) {
                $numbers[$unit->number][] = $unit->id;
            }
        }
        ksort($numbers);
        foreach ($numbers as $number => $units) {
            if (\count($units) > 1) {
                $findings[] = new Finding('patch', 'number_twice', Severity::Warning, $units, ['number' => $number]);
            }
        }

        return $findings;
    }
}
