<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk\Input;

use Rigger\App\Rig\AdviceWish;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class PlanDesk
{
    /** @param list<AdviceWish> $wishes in the order in which buttons are given */
    public function __construct(public int $version, #[Assert\Valid] #[Assert\Count(min: 1, minMessage: 'Say of which units something is wanted.')] public array $wishes)
    {
    }
}
