<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Profile\Mode;

/** Keeps looks and curves in step when a unit's chart or mode changes: each value and curve goes with the channel of its name. */
final class Refit
{
    /**
     * Another mode or type in a unit's place. Its own curves go along; the tick of the walk-round does not.
     */
    public static function becoming(Rig $rig, Unit $unit, Revision $revision, string $mode): Rig
    {
        $new = $unit->becoming($revision, $mode);
        $new = $new->bent(self::curves($unit->curves, $unit->mode(), $new->mode()));

        return self::looks($rig, $unit, $new->mode())->withUnits($new);
    }

    /** The rig with each look's values for a unit as the new mode takes them. */
    public static function looks(Rig $rig, Unit $unit, Mode $new): Rig
    {
        if ($unit->mode()->labels() === $new->labels()) {
            return $rig;
        }
        $fitted = [];
        foreach ($rig->looks as $look) {
            if (isset($look->values[$unit->id])) {
                $fitted[] = $look->with($unit->id, self::carried($look->values[$unit->id], $unit->mode(), $new));
            }
        }

        return [] === $fitted ? $rig : $rig->withLooks(...$fitted);
    }

    /**
     * What a look's values become when the chart changes.
     *
     * @param list<int> $values
     *
     * @return list<int>
     */
    public static function values(array $values, Mode $old, Mode $new): array
    {
        return $old->labels() === $new->labels() ? $values : self::carried($values, $old, $new);
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
