<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Judge\Desk\Advice;

/** A plan for the desk beside the patch as it is. */
final readonly class AdviceView
{
    /**
     * @param list<AdviceRowView> $rows     in the order of the wishes
     * @param string              $sentence trips, buttons and faders
     * @param list<string>        $warnings what would still be wrong
     * @param int                 $changes  ladder trips
     * @param RepairView|null     $take     takes it over; null where nothing changes
     */
    public function __construct(
        public array $rows,
        public string $sentence,
        public array $warnings,
        public int $changes,
        public ?RepairView $take,
    ) {
    }

    public static function of(Advice $advice): self
    {
        $proposal = $advice->proposal();

        return new self(
            array_map(AdviceRowView::of(...), $advice->rows),
            $advice->sentence,
            $advice->warnings,
            $advice->changes(),
            null === $proposal ? null : RepairView::of($proposal),
        );
    }
}
