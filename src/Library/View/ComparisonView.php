<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use Rigger\Core\Compare\ChannelDifference;
use Rigger\Core\Compare\ChartDifference;
use Rigger\Core\Profile\Mode;

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

    /** A mode beside another; null where there is none. */
    public static function of(?Mode $before, ?Mode $after): self
    {
        $channels = ChartDifference::between($before, $after);

        return new self(
            $before->name ?? '',
            $after->name ?? '',
            array_map(ChannelPairView::of(...), $channels),
            \count(array_filter($channels, static fn (ChannelDifference $difference): bool => !$difference->isSame())),
        );
    }
}
