<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk\Input;

use Rigger\Core\Judge\Desk\UnitWish;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class PlanDesk
{
    /** @param non-empty-list<WishedUnit> $wishes in the order in which buttons are given */
    public function __construct(#[Assert\Valid] #[Assert\Count(
        min: 1,
        minMessage: 'Say of which units something is wanted.',
    )] public array $wishes)
    {
    }

    /** @return non-empty-list<UnitWish> */
    public function wishes(): array
    {
        return array_map(static fn (WishedUnit $unit): UnitWish => new UnitWish($unit->unitId, $unit->wants, $unit->with), $this->wishes);
    }
}
