<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Judge\Desk\UnitWish;
use Rigger\Core\Rig\Unit;

/** What a unit does now, as a wish that an operator changes. */
final readonly class WishView
{
    /**
     * @param list<string> $possible what any of its modes could do: words of core's Want
     * @param list<string> $wants    of those, what its present mode does
     * @param string|null  $with     the earlier unit whose twin it is
     */
    public function __construct(
        public string $unitId,
        public string $name,
        public string $model,
        public array $possible,
        public array $wants,
        public ?string $with,
    ) {
    }

    public static function of(Unit $unit, UnitWish $wish): self
    {
        return new self(
            $unit->id,
            $unit->name,
            $unit->revision()->profile->model,
            array_column(UnitWish::possible($unit), 'value'),
            $wish->wants,
            $wish->with,
        );
    }
}
