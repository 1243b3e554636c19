<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Curve\Curve;
use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** A curve and limits between a fader and a channel, of one unit or of every unit of its type in its mode; null takes it off. */
final readonly class BendChannel implements Change
{
    /**
     * @param int  $channel offset in the unit, from 1
     * @param bool $forType for every unit of the type in this mode; the unit's own curve for the channel then goes
     */
    public function __construct(
        public string $unit,
        #[Within(1, 512, 'A channel is 1 to 512.')] public int $channel,
        public bool $forType,
        public ?ChannelCurve $curve,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        $offset = $this->curve->channel ?? $this->channel;
        $channel = self::channel($unit, $offset);
        $curves = null === $this->curve || ($this->forType && $this->curve->curve->isPlain()) ? [] : [$this->curve];
        $own = self::without($unit->curves, $offset);
        if (null === $this->curve) {
            return $this->forType
                ? new Applied(
                    self::ofType($rig, $unit, $offset, []),
                    \sprintf('%s of every %s in %s gets what its fader sends', $channel->title(), $unit->model(), $unit->mode()->name),
                )
                : new Applied(
                    $rig->withUnits($unit->bent($own)),
                    \sprintf('%s of %s has no curve of its own', $channel->title(), $unit->name),
                );
        }
        $words = self::words($this->curve->curve);

        return $this->forType
            ? new Applied(
                self::ofType($rig->withUnits($unit->bent($own)), $unit, $offset, $curves),
                \sprintf('%s of every %s in %s: %s', $channel->title(), $unit->model(), $unit->mode()->name, $words),
            )
            : new Applied(
                $rig->withUnits($unit->bent([...$own, ...$curves])),
                \sprintf('%s of %s: %s', $channel->title(), $unit->name, $words),
            );
    }

    /**
     * The channel that a curve may stand on.
     *
     * @throws InputError out_of_range, not_a_choice; field "channel"
     */
    public static function channel(Unit $unit, int $offset): Channel
    {
        $channel = $unit->mode()->channel($offset) ?? throw InputError::because(
            'out_of_range',
            'channel',
            \sprintf(
                '%s has %d channels in mode %s, so there is no channel %d.',
                $unit->name,
                $unit->footprint(),
                $unit->mode()->name,
                $offset,
            ),
        );
        if ($channel->isFine()) {
            throw InputError::because(
                'not_a_choice',
                'channel',
                \sprintf(
                    '%s is the fine byte of channel %d: a curve on it alone would make it jump.',
                    $channel->title(),
                    (int) $channel->fineOf,
                ),
            );
        }

        return $channel;
    }

    /** @param list<ChannelCurve> $curves for that channel */
    private static function ofType(Rig $rig, Unit $unit, int $offset, array $curves): Rig
    {
        return $rig->withTypeCurves(
            $unit->revision()->typeId,
            $unit->mode()->key,
            [...self::without($rig->curvesOfType($unit)->curves ?? [], $offset), ...$curves],
        );
    }

    /**
     * @param list<ChannelCurve> $curves
     *
     * @return list<ChannelCurve>
     */
    private static function without(array $curves, int $channel): array
    {
        return array_values(array_filter($curves, static fn (ChannelCurve $curve): bool => $curve->channel !== $channel));
    }

    private static function words(Curve $curve): string
    {
        return $curve->isPlain()
            ? 'straight, 0 to 255'
            : \sprintf(
                '%s, %d to %d, %s',
                $curve->shape->value,
                $curve->min,
                $curve->max,
                'scale' === $curve->bound->value ? 'scaled' : 'clamped',
            );
    }
}
