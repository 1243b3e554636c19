<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Profile\Mode;

/**
 * Keeps looks and curves in step when a unit's chart or mode changes: each value and curve goes with the channel of its name, and what
 * was meant is worked out anew.
 */
final class Refit
{
    /**
     * Another mode or type in a unit's place. Its own curves go along; the tick of the walk-round does not.
     */
    public static function becoming(Rig $rig, Unit $unit, Revision $revision, string $mode): Rig
    {
        $new = $unit->becoming($revision, $mode);
        $new = $new->bent(self::curves($unit->curves, $unit->mode(), $new->mode()));

        return self::looks($rig, $unit, $new->at)->withUnits($new);
    }

    /** The rig with each look as the new mode takes it. */
    public static function looks(Rig $rig, Unit $unit, UnitMode $new): Rig
    {
        $fitted = [];
        foreach ($rig->looks as $look) {
            $values = $look->values[$unit->id] ?? null;
            if (null === $values) {
                continue;
            }
            $now = self::values($look, $unit, $new);
            if ($now !== $values) {
                $intent = $look->intents[$unit->id] ?? null;
                $look = (null === $intent ? $look->with($unit->id, $now) : $look->meaning($unit->id, $intent, $now))->marked($look->made);
                $fitted[] = $look;
            }
        }

        return [] === $fitted ? $rig : $rig->withLooks(...$fitted);
    }

    /**
     * What a look's values for a unit become in another mode: each goes with the channel of its name; where somebody said what to
     * see, the new mode is asked for that.
     *
     * @return list<int> empty where the look leaves the unit alone
     */
    public static function values(Look $look, Unit $unit, UnitMode $new): array
    {
        $values = $look->values[$unit->id] ?? [];
        if ([] === $values) {
            return [];
        }
        $isSame = $unit->mode()->labels() === $new->mode->labels();
        $carried = $isSame ? $values : self::carried($values, $unit->mode(), $new->mode);
        $solver = isset($look->intents[$unit->id]) ? $new->solver() : null;

        return null === $solver ? $carried : $look->intents[$unit->id]->values($solver, $carried);
    }

    /**
     * @param list<ChannelCurve> $curves
     *
     * @return list<ChannelCurve>
     */
    private static function curves(array $curves, Mode $old, Mode $new): array
    {
        $carried = [];
        foreach ($curves as $curve) {
            $name = $old->channel($curve->channel)?->label;
            foreach ($new->byOffset() as $channel) {
                if ($channel->label === $name && !isset($carried[$channel->offset])) {
                    $carried[$channel->offset] = new ChannelCurve($channel->offset, $curve->curve);
                    break;
                }
            }
        }

        return array_values($carried);
    }

    /**
     * @param list<int> $values
     *
     * @return list<int>
     */
    private static function carried(array $values, Mode $old, Mode $new): array
    {
        $byName = [];
        foreach ($old->labels() as $index => $label) {
            $byName[$label][] = $values[$index] ?? 0;
        }
        $carried = [];
        foreach ($new->byOffset() as $channel) {
            $carried[] = [] === ($byName[$channel->label] ?? []) ? $channel->default : array_shift($byName[$channel->label]);
        }

        return $carried;
    }
}
