<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Plan;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Position\Spot;
use Rigger\Core\Position\Support as Held;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Support;

/** A beam or stand somewhere else, or called otherwise. What hangs from it goes along. */
final readonly class ChangeSupport implements Change
{
    public function __construct(
        public string $support,
        #[OneOf(['beam', 'stand'], 'Say beam or stand.')] public string $kind,
        public string $name,
        #[Within(0, Spot::HIGHEST, 'Type metres above the floor, 0 to 60.')] public float $height,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'Type metres, -200 to 200.')] public float $fromX,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'Type metres, -200 to 200.')] public float $fromY,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'Type metres, -200 to 200.')] public float $toX,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'Type metres, -200 to 200.')] public float $toY,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $old = $rig->support($this->support)->held;
        $held = AddSupport::held($this->kind, $this->name, $this->height, $this->fromX, $this->fromY, $this->toX, $this->toY);
        $all = array_map(static fn (Support $support): Held => $support->held, array_values($rig->supports));
        $along = [];
        foreach ($rig->units as $unit) {
            $nearest = null === $unit->spot ? null : Held::nearest($all, $unit->spot->x, $unit->spot->y);
            if (null !== $unit->spot && null !== $nearest && $nearest[0] === $old) {
                $along[] = $unit->putAt(self::carried($unit->spot, $old, $held));
            }
        }

        return new Applied(
            $rig->withUnits(...$along)->withSupport(new Support($this->support, $held)),
            \sprintf('Changed the %s %s', $held->kind->value, $held->name),
        );
    }

    /** As far along the new one as it was along the old. */
    private static function carried(Spot $spot, Held $old, Held $new): Spot
    {
        $length = ($old->toX - $old->fromX) ** 2 + ($old->toY - $old->fromY) ** 2;
        $share = 0.0 === $length
            ? 0.0
            : (($spot->x - $old->fromX) * ($old->toX - $old->fromX) + ($spot->y - $old->fromY) * ($old->toY - $old->fromY)) / $length;

        return new Spot(
            round($new->fromX + $share * ($new->toX - $new->fromX), 2),
            round($new->fromY + $share * ($new->toY - $new->fromY), 2),
            $new->height,
        );
    }
}
