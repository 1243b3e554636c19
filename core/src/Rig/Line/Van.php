<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Line;

use Rigger\Core\Position\Spot;

/** What lengths of cable are at hand, where runs begin, and how much is added to a way on the plan. */
final readonly class Van
{
    public const SLACK = 1.1;
    public const SPARE = 1.0;
    public const LENGTHS = [2.0, 3.0, 5.0, 10.0, 15.0, 20.0];
    public const MOST_LENGTHS = 40;

    /**
     * @param list<float> $lengths in metres, ascending, each above 0
     * @param float       $slack   factor on the way, from 1
     * @param float       $spare   metres on top
     * @param Spot|null   $desk    where the desk's outputs are; null where nobody has said
     */
    public function __construct(
        public array $lengths = self::LENGTHS,
        public float $slack = self::SLACK,
        public float $spare = self::SPARE,
        public ?Spot $desk = null,
    ) {
    }

    public function isUsual(): bool
    {
        return self::LENGTHS === $this->lengths && self::SLACK === $this->slack && self::SPARE === $this->spare && null === $this->desk;
    }
}
