<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Plan;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Position\Spot;
use Rigger\Core\Position\Support as Held;
use Rigger\Core\Position\SupportKind;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Support;

/** A beam or stand on the stage plan. */
final readonly class AddSupport implements Change
{
    public function __construct(
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
        if (\count($rig->supports) >= Limits::SUPPORTS) {
            throw InputError::because('out_of_range', 'name', \sprintf('A rig holds at most %d beams and stands.', Limits::SUPPORTS));
        }
        $held = self::held($this->kind, $this->name, $this->height, $this->fromX, $this->fromY, $this->toX, $this->toY);
        $support = new Support($world->newId(), $held);

        return new Applied($rig->withSupport($support), \sprintf('Added the %s %s', $held->kind->value, $held->name), [$support->id]);
    }

    /** A stand stands at its first point. */
    public static function held(string $kind, string $name, float $height, float $fromX, float $fromY, float $toX, float $toY): Held
    {
        $isStand = 'stand' === $kind;

        return new Held(
            SupportKind::from($kind),
            Limits::name($name, 'name'),
            $height,
            $fromX,
            $fromY,
            $isStand ? $fromX : $toX,
            $isStand ? $fromY : $toY,
        );
    }
}
