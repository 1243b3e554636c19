<?php

declare(strict_types=1);

namespace Rigger\App\Http\Lines\Input;

use Rigger\Core\Judge\Lines\CableWish;
use Rigger\Core\Position\Spot;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class LayCable
{
    /**
     * @param list<string> $units    none stands for all that hang on cable
     * @param string|null  $splitter item that the runs begin at; null for the desk
     * @param float|null   $x        of the desk's outputs, metres to the right of centre, with y
     * @param float|null   $y        metres upstage of the edge
     */
    public function __construct(
        #[Assert\All([new Assert\Type('string', message: 'This is no id of a unit.')])] public array $units = [],
        public ?string $splitter = null,
        #[Assert\Range(notInRangeMessage: 'Lay 1 to 8 runs.', min: 1, max: CableWish::MOST_RUNS)] public int $runs = 1,
        #[Assert\Range(notInRangeMessage: 'A run takes 1 to 512 devices.', min: 1, max: 512)] public int $perRun = 32,
        #[Assert\Range(notInRangeMessage: 'Type metres, -200 to 200.', min: -Spot::FARTHEST, max: Spot::FARTHEST)] public ?float $x = null,
        #[Assert\Range(notInRangeMessage: 'Type metres, -200 to 200.', min: -Spot::FARTHEST, max: Spot::FARTHEST)] public ?float $y = null,
        #[Assert\Range(notInRangeMessage: 'Type metres, 0 to 60.', min: 0, max: Spot::HIGHEST)] public ?float $height = null,
    ) {
    }

    public function wish(): CableWish
    {
        return new CableWish(
            $this->units,
            $this->splitter,
            $this->runs,
            $this->perRun,
            null === $this->x || null === $this->y ? null : new Spot($this->x, $this->y, $this->height),
        );
    }
}
