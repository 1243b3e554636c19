<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Power;

use Rigger\Core\Power\Battery;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** How long a battery lasts with all that it feeds, at full and at the levels of the looks, against the evening. */
final readonly class BatteryPlan
{
    private const NEAR = 1e-9;

    /**
     * @param float      $fullHours with everything up
     * @param float|null $meanWatts over all looks, each as long as the others; null without looks
     * @param float|null $meanHours null without looks, and where it shines in none
     * @param float      $burning   hours that it has to give light
     * @param float      $needed    hours that it has to last, so that the reserve is left
     */
    private function __construct(
        public Battery $battery,
        public float $watts,
        public float $fullHours,
        public ?float $meanWatts,
        public ?float $meanHours,
        public float $burning,
        public float $needed,
    ) {
    }

    /** Null without a battery, and where nobody has said what all of it takes. */
    public static function of(Rig $rig, Unit $unit): ?self
    {
        $battery = $unit->supply->battery;
        if (null === $battery) {
            return null;
        }
        $fed = $rig->distribution()->onBatteryOf($unit);
        $full = array_map(Draw::full(...), $fed);
        $watts = array_sum(array_filter($full, is_float(...)));
        if (\in_array(null, $full, true) || $watts <= 0.0) {
            return null;
        }
        $inLooks = array_map(static fn (Look $look): float => array_sum(array_map(
            static fn (Unit $one): float => Draw::inLook($one, $look) ?? 0.0,
            $fed,
        )), array_values($rig->looks));
        $mean = [] === $inLooks ? null : array_sum($inLooks) / \count($inLooks);

        return new self(
            $battery,
            $watts,
            $battery->hours($watts),
            $mean,
            null === $mean || $mean <= 0.0 ? null : $battery->hours($mean),
            $rig->power->burning(),
            $rig->power->needed(),
        );
    }

    /** At the levels of the looks; with everything up where there are none. Null where it shines in none. */
    public function hours(): ?float
    {
        return null === $this->meanWatts ? $this->fullHours : $this->meanHours;
    }

    /** ok; reserve where the evening is covered and the reserve is not; else short. */
    public function verdict(): string
    {
        $hours = $this->hours();

        return match (true) {
            null === $hours || $hours >= $this->needed - self::NEAR => 'ok',
            $hours >= $this->burning - self::NEAR => 'reserve',
            default => 'short',
        };
    }

    /** Ampere hours that would be enough: the same law turned round. */
    public function enough(): float
    {
        $watts = null === $this->meanWatts ? $this->watts : $this->meanWatts;
        $battery = $this->battery;
        $share = ($this->needed / ($battery->usable * $battery->hourRate)) ** (1 / $battery->chemistry->exponent());

        return $battery->amps($watts) * $battery->hourRate * $share;
    }
}
