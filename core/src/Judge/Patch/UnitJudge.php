<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Patch;

use Rigger\Core\Curve\LeftLit;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Severity;

/** What will catch someone out about single units: a floor that glows in a blackout, a number given twice. */
final class UnitJudge
{
    /** @return list<Finding> */
    public static function findings(Rig $rig): array
    {
        $findings = [];
        $numbers = [];
        foreach ($rig->units as $unit) {
            foreach ($rig->trim($unit)->curves as $curve) {
                $channel = $unit->mode()->channel($curve->channel);
                $glow = null === $channel ? null : LeftLit::of($channel, $curve->curve);
                if (null === $glow) {
                    continue;
                }
                $findings[] = new Finding(
                    'patch',
                    'glows',
                    Severity::Caution,
                    [$unit->id],
                    ['channel' => $curve->channel, 'value' => $glow->value, 'level' => $glow->level, 'key' => (string) $curve->channel],
                );
            }
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
