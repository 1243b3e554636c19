<?php

declare(strict_types=1);

namespace Rigger\Core\Listing;

/** A mode as it is gathered from the rows of a list. @internal */
final class ListedMode
{
    /** @var list<ListedChannel> */
    public array $channels = [];

    public function __construct(
        public readonly string $key,
        public readonly string $name,
        public readonly int|float|null $count,
        public readonly ?string $display,
        public readonly ?string $setup,
    ) {
    }

    public static function of(ListRow $row): self
    {
        $key = $row->needed('mode');

        return new self($key, $row->text('mode name') ?? $key, $row->number('count'), $row->text('display'), $row->text('setup'));
    }

    public function take(ListRow $row): void
    {
        $offset = $row->number('channel');
        if (null === $offset) {
            return;
        }
        $last = [] === $this->channels ? null : $this->channels[\count($this->channels) - 1];
        $label = $row->text('name') ?? '';
        if (null === $last || $last->offset !== $offset || ('' !== $label && $last->label !== $label)) {
            $this->channels[] = $last = new ListedChannel(
                $offset,
                $label,
                $row->number('cell'),
                $row->number('fine of'),
                $row->number('rests at') ?? 0,
            );
        }
        $last->take($row);
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return ['key' => $this->key, 'name' => $this->name, 'count' => $this->count ?? \count($this->channels)]
            + (null === $this->display ? [] : ['display' => $this->display])
            + (null === $this->setup ? [] : ['setup' => $this->setup])
            + ['channels' => array_map(static fn (ListedChannel $channel): array => $channel->document(), $this->channels)];
    }
}
