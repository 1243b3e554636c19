<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\Core\Curve\ChannelCurve;

/** Curves of channels, as they stand in the open document. */
trait HoldsCurves
{
    /** @var list<array<string, mixed>> */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    private array $curves = [];

    /** @param list<ChannelCurve> $curves */
    private function keep(array $curves): void
    {
        usort($curves, static fn (ChannelCurve $one, ChannelCurve $other): int => $one->channel <=> $other->channel);
        $this->curves = array_map(static fn (ChannelCurve $curve): array => $curve->toArray(), $curves);
    }
}
