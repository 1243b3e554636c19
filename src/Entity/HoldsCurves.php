<?php

declare(strict_types=1);

namespace Rigger\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Input\Json;

/** Curves of channels, as they stand in the open document. */
trait HoldsCurves
{
    /** @var list<array<string, mixed>> */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    private array $curves = [];

    /** @return list<ChannelCurve> by channel */
    public function curves(): array
    {
        // As plain objects again, which is what readers take.
        $documents = [] === $this->curves ? [] : Json::decode(Json::encode($this->curves));

        return array_map(static fn (mixed $one): ChannelCurve => ChannelCurve::read($one, 'curves'), \is_array($documents) ? array_values($documents) : []);
    }

    /** @param list<ChannelCurve> $curves */
    private function keep(array $curves): void
    {
        usort($curves, static fn (ChannelCurve $one, ChannelCurve $other): int => $one->channel <=> $other->channel);
        $this->curves = array_map(static fn (ChannelCurve $one): array => $one->toArray(), $curves);
    }
}
