<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** One of the ways a fixture can listen, as its own display offers it. */
final readonly class Mode
{
    /** @var list<Channel> by offset: asked for with every change of a rig, so sorted once */
    private array $byOffset;
    /** @var list<string> */
    private array $labels;

    /**
     * @param int           $count    channels as the manual states, which may differ from those listed
     * @param string|null   $display  what the unit shows in this mode at address 1 ("d001")
     * @param string|null   $setup    the unit's own words for choosing it
     * @param list<Channel> $channels in the chart's order
     */
    public function __construct(
        public string $key,
        public string $name,
        public int $count,
        public array $channels,
        public ?string $display = null,
        public ?string $setup = null,
    ) {
        usort($channels, static fn (Channel $one, Channel $other): int => $one->offset <=> $other->offset);
        $this->byOffset = $channels;
        $this->labels = array_map(static fn (Channel $channel): string => $channel->label, $channels);
    }

    /** @param list<Channel> $channels */
    public function withChannels(array $channels, ?int $count = null): self
    {
        return new self($this->key, $this->name, $count ?? $this->count, $channels, $this->display, $this->setup);
    }

    /** With this channel in the place of the one of the same offset. */
    public function withChannel(Channel $channel): self
    {
        return $this->withChannels(array_map(
            static fn (Channel $one): Channel => $one->offset === $channel->offset ? $channel : $one,
            $this->channels,
        ));
    }

    /** @return list<Channel> by offset; equal offsets in the chart's order */
    public function byOffset(): array
    {
        return $this->byOffset;
    }

    public function channel(int $offset): ?Channel
    {
        foreach ($this->channels as $channel) {
            if ($channel->offset === $offset) {
                return $channel;
            }
        }

        return null;
    }

    /** Number of slots it takes up. */
    public function footprint(): int
    {
        return \count($this->channels);
    }

    /** The low byte of a channel: of two, the one of lowest offset. */
    public function fineFor(int $offset): ?Channel
    {
        foreach ($this->byOffset() as $channel) {
            if ($channel->fineOf === $offset) {
                return $channel;
            }
        }

        return null;
    }

    public function has(RangeFunction ...$functions): bool
    {
        foreach ($this->channels as $channel) {
            if ($channel->has(...$functions)) {
                return true;
            }
        }

        return false;
    }

    /** Whether anything in it can make light (an effect, a hazer or a motor cannot). */
    public function canGiveLight(): bool
    {
        return $this->has(...array_filter(RangeFunction::cases(), static fn (RangeFunction $function): bool => $function->givesLight()));
    }

    /** @return list<int> the cells that its channels name, ascending; [1] when it has none */
    public function cells(): array
    {
        $cells = [];
        foreach ($this->channels as $channel) {
            if (null !== $channel->cell) {
                $cells[$channel->cell] = $channel->cell;
            }
        }
        sort($cells);

        return [] === $cells ? [1] : $cells;
    }

    /** What the chart calls a cell: by its one channel ("Socket 2"), else by its number ("Cell 2"). */
    public function cellLabel(int $cell): string
    {
        $channels = array_values(array_filter($this->channels, static fn (Channel $one): bool => $one->cell === $cell));

        return 1 === \count($channels) ? $channels[0]->label : 'Cell '.$cell;
    }

    /** @return list<string> one name a channel, by offset */
    public function labels(): array
    {
        return $this->labels;
    }

    /** @return list<int> resting values, by offset */
    public function defaults(): array
    {
        return array_map(static fn (Channel $channel): int => $channel->default, $this->byOffset());
    }
}
