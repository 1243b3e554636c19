<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** Something that is wrong, or that will catch someone out. */
final readonly class FindingView
{
    /**
     * @param string           $stage      fixtures, patch, lines, desk or looks
     * @param string           $severity   error, warning, caution or note
     * @param list<string>     $fixtureIds the fixtures it is about
     * @param string|null      $typeId     the chart it is about
     * @param RepairView|null  $repair     the smallest repair, as one button
     * @param list<RepairView> $others     other ways to put it right
     */
    public function __construct(
        public string $stage,
        public string $code,
        public string $severity,
        public string $title,
        public string $message,
        public array $fixtureIds,
        public ?string $typeId = null,
        public ?RepairView $repair = null,
        public array $others = [],
    ) {
    }
}
