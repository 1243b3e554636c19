<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** Two modes side by side. */
final readonly class ComparisonView
{
    /**
     * @param list<ChannelPairView> $channels for each place that either has
     * @param int                   $differ   how many of them differ
     */
    public function __construct(public string $first, public string $second, public array $channels, public int $differ)
    {
    }
}
