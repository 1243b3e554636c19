<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use OpenApi\Attributes as OA;

/** A repair as a button. */
final readonly class ChartRepairView
{
    /** @param array<string, mixed> $edit to send to /api/charts/edit */
    public function __construct(public string $label, #[OA\Property(type: 'object')] public array $edit)
    {
    }
}
