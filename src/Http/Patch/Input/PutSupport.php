<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

use Rigger\Core\Position\Spot;
use Rigger\Core\Position\Support;
use Rigger\Core\Position\SupportKind;
use Rigger\Core\Rig\Limits;
use Symfony\Component\Validator\Constraints as Assert;

/** A beam or stand, in metres. A stand stands at its first point. */
final readonly class PutSupport
{
    private const FAR = 'Type metres, -200 to 200.';

    public function __construct(
        public int $version,
        #[Assert\Choice(['beam', 'stand'], message: 'Say beam or stand.')] public string $kind,
        public string $name,
        #[Assert\Range(notInRangeMessage: 'Type metres above the floor, 0 to 60.', min: 0, max: Spot::HIGHEST)] public float $height,
        #[Assert\Range(notInRangeMessage: self::FAR, min: -Spot::FARTHEST, max: Spot::FARTHEST)] public float $fromX,
        #[Assert\Range(notInRangeMessage: self::FAR, min: -Spot::FARTHEST, max: Spot::FARTHEST)] public float $fromY,
        #[Assert\Range(notInRangeMessage: self::FAR, min: -Spot::FARTHEST, max: Spot::FARTHEST)] public float $toX,
        #[Assert\Range(notInRangeMessage: self::FAR, min: -Spot::FARTHEST, max: Spot::FARTHEST)] public float $toY,
    ) {
    }

    public function held(): Support
    {
        $kind = SupportKind::from($this->kind);
        $isStand = SupportKind::Stand === $kind;

        return new Support($kind, Limits::name($this->name, 'name'), $this->height, $this->fromX, $this->fromY, $isStand ? $this->fromX : $this->toX, $isStand ? $this->fromY : $this->toY);
    }
}
