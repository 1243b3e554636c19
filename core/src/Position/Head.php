<?php

declare(strict_types=1);

namespace Rigger\Core\Position;

/**
 * A moving head where it stands or hangs. Tilt 0 points along its axis, away from the base: up where it stands, down where it hangs.
 * Its heading is the compass direction in which the beam leans when tilt is above 0 and pan is 0: 0 towards the audience, 90 to the
 * right as the audience sees it. Positive pan turns counter-clockwise, seen from where the head points.
 */
final readonly class Head
{
    /** Metres and degrees this near are the same. */
    public const NEAR = 1e-9;

    public function __construct(public Point $at, public bool $isHung, public float $heading)
    {
    }

    /** sin t · horizontal(heading + s·pan) + cos t · axis, of length 1. */
    public function direction(PanTilt $to): Point
    {
        $compass = deg2rad($this->heading + $this->turns() * $to->pan);
        $tilt = deg2rad($to->tilt);

        return new Point(sin($tilt) * sin($compass), -sin($tilt) * cos($compass), $this->axis() * cos($tilt));
    }

    /**
     * Every pan and tilt within the travel that points there, the soonest reached first.
     *
     * @param PanTilt $travel from end to end
     * @param PanTilt $from   where the head points now
     *
     * @return list<PanTilt> none when it lies out of reach
     *
     * @throws \DomainException when the target is where the head is
     */
    public function aim(Point $target, PanTilt $travel, PanTilt $from): array
    {
        $way = $target->minus($this->at);
        if ($way->length() <= self::NEAR) {
            throw new \DomainException('A head cannot point at where it is itself.');
        }
        $horizontal = hypot($way->x, $way->y);
        if ($horizontal < self::NEAR) {
            return $this->alongAxis($way->z * $this->axis() > 0, $travel, $from);
        }
        $tilt = rad2deg(atan2($horizontal, $way->z * $this->axis()));
        $pan = $this->turns() * (rad2deg(atan2($way->x, -$way->y)) - $this->heading);
        $found = [];
        foreach ([[$pan, $tilt], [$pan + 180, -$tilt]] as [$base, $leans]) {
            if (abs($leans) <= $travel->tilt / 2 + self::NEAR) {
                array_push($found, ...self::turned($base, $leans, $travel->pan / 2));
            }
        }
        usort($found, static fn (PanTilt $one, PanTilt $other): int => self::order($one, $other, $from));

        return $found;
    }

    /**
     * Where the beam meets a level plane.
     *
     * @param float $plane its height
     *
     * @return float|null metres along the beam; null when it points away from it or along it
     */
    public function meets(PanTilt $to, float $plane): ?float
    {
        $rise = $this->direction($to)->z;
        $way = $plane - $this->at->z;
        if (abs($way) <= self::NEAR) {
            return 0.0;
        }

        return abs($rise) < self::NEAR || $way / $rise < 0 ? null : $way / $rise;
    }

    private function axis(): int
    {
        return $this->isHung ? -1 : 1;
    }

    /** Which way the compass goes when pan grows: from above for a standing head, from below for a hung one. */
    private function turns(): int
    {
        return $this->isHung ? -1 : 1;
    }

    /**
     * Pan is free there and stays where it is.
     *
     * @return list<PanTilt>
     */
    private function alongAxis(bool $isAhead, PanTilt $travel, PanTilt $from): array
    {
        // Straight behind the base there are two ways over; the upper one where both are as near.
        $tilt = $isAhead ? 0.0 : ($from->tilt < -self::NEAR ? -180.0 : 180.0);
        $pan = min($travel->pan / 2, max(-$travel->pan / 2, $from->pan));

        return abs($tilt) <= $travel->tilt / 2 + self::NEAR ? [new PanTilt($pan, $tilt)] : [];
    }

    /** @return list<PanTilt> with whole turns of pan, as far as the travel goes */
    private static function turned(float $pan, float $tilt, float $reach): array
    {
        $found = [];
        $first = (int) ceil((-$reach - self::NEAR - $pan) / 360);
        for ($turn = $first; $pan + 360 * $turn <= $reach + self::NEAR; ++$turn) {
            $found[] = new PanTilt($pan + 360 * $turn, $tilt);
        }

        return $found;
    }

    /** By how long the head takes: the longer of its two ways, then both together, then pan, then tilt. */
    private static function order(PanTilt $one, PanTilt $other, PanTilt $from): int
    {
        $figures = static function (PanTilt $to) use ($from): array {
            [$pan, $tilt] = [abs($to->pan - $from->pan), abs($to->tilt - $from->tilt)];

            return [max($pan, $tilt), $pan + $tilt, $to->pan, $to->tilt];
        };
        foreach (array_map(null, $figures($one), $figures($other)) as [$a, $b]) {
            if (abs($a - $b) > self::NEAR) {
                return $a <=> $b;
            }
        }

        return 0;
    }
}
