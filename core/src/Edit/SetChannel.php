<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;

/** What a channel is beside its ranges. */
final readonly class SetChannel implements ChartEdit
{
    /**
     * @param array{label?: string, default?: int, cell?: int|null, fineOf?: int|null} $wish members that are not there stay as they are
     */
    public function __construct(private Target $target, private array $wish)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $channel = $this->target->channel($profile);

        return $this->target->put($profile, new Channel(
            $channel->offset,
            $this->wish['label'] ?? $channel->label,
            \array_key_exists('cell', $this->wish) ? $this->wish['cell'] : $channel->cell,
            \array_key_exists('fineOf', $this->wish) ? $this->wish['fineOf'] : $channel->fineOf,
            $this->wish['default'] ?? $channel->default,
            $channel->ranges,
        ));
    }
}
