<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Plan;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Position\Spot;
use Rigger\Core\Position\Support as Held;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Support;
use Rigger\Core\Rig\Unit;

/** Puts units on the stage plan where a hand let go of them; near a beam or stand they hang from it. */
final readonly class PutUnits implements Change
{
    /**
     * @param list<string> $units the first is the one that the hand held; the others move as it does
     * @param float        $x     metres to the right of centre
     * @param float        $y     metres upstage of the edge
     */
    public function __construct(
        #[Ids('Say which units to put there.')] public array $units,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'A plan reaches 200 m each way.')] public float $x,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'A plan reaches 200 m each way.')] public float $y,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $leader = $rig->unit($this->units[0]);
        $from = $leader->spot ?? new Spot($this->x, $this->y);
        $put = [];
        foreach ($this->units as $id) {
            $unit = $rig->unit($id);
            $own = $unit->spot ?? $from;
            $put[] = self::hang($rig, $unit, self::within($own->x + $this->x - $from->x), self::within($own->y + $this->y - $from->y));
        }

        return new Applied($rig->withUnits(...$put), 1 === \count($put)
            ? \sprintf('Put %s %s', $leader->name, $put[0]->spot?->words() ?? '')
            : \sprintf('Moved %d units on the plan with %s', \count($put), $leader->name));
    }

    private static function hang(Rig $rig, Unit $unit, float $x, float $y): Unit
    {
        $held = array_map(static fn (Support $support): Held => $support->held, array_values($rig->supports));
        [$support, $spot] = Held::nearest($held, $x, $y) ?? [null, new Spot(round($x, 2), round($y, 2), $unit->spot?->height)];
        $put = $unit->putAt($spot);

        return null !== $support && null === $unit->position ? $put->hangingAt($support->name) : $put;
    }

    private static function within(float $metres): float
    {
        return max(-Spot::FARTHEST, min(Spot::FARTHEST, $metres));
    }
}
