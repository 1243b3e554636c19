<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Line;

use Rigger\Core\Line\Cable\Ends;

/** A data run: from an outlet along its items, in the order of the cable. */
final readonly class Run
{
    /**
     * @param Outlet|null   $from  null for one that is plugged in nowhere
     * @param Ends          $ends  of the outlet
     * @param list<RunItem> $items a splitter only at the end
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?Outlet $from,
        public array $items = [],
        public bool $isTerminated = true,
        public Ends $ends = Ends::Three,
    ) {
    }

    public function named(string $name): self
    {
        return new self($this->id, $name, $this->from, $this->items, $this->isTerminated, $this->ends);
    }

    public function from(?Outlet $from): self
    {
        return new self($this->id, $this->name, $from, $this->items, $this->isTerminated, $this->ends);
    }

    /** @param list<RunItem> $items */
    public function with(array $items): self
    {
        return new self($this->id, $this->name, $this->from, $items, $this->isTerminated, $this->ends);
    }

    public function replacing(int $place, RunItem $item): self
    {
        return $this->with(array_map(
            static fn (RunItem $was, int $at): RunItem => $at === $place ? $item : $was,
            $this->items,
            array_keys($this->items),
        ));
    }

    public function terminated(bool $isTerminated): self
    {
        return new self($this->id, $this->name, $this->from, $this->items, $isTerminated, $this->ends);
    }

    public function beginningIn(Ends $ends): self
    {
        return new self($this->id, $this->name, $this->from, $this->items, $this->isTerminated, $ends);
    }

    /** @param callable(RunItem): bool $isKept */
    public function keeping(callable $isKept): self
    {
        $items = array_values(array_filter($this->items, $isKept));

        return \count($items) === \count($this->items) ? $this : $this->with($items);
    }

    public function last(): ?RunItem
    {
        return [] === $this->items ? null : $this->items[\count($this->items) - 1];
    }

    /** The splitter that ends it. */
    public function splitter(): ?RunItem
    {
        return null === $this->last()?->splitter ? null : $this->last();
    }

    /** @return list<string> */
    public function unitIds(): array
    {
        return array_values(array_filter(array_map(static fn (RunItem $item): ?string => $item->unitId, $this->items), is_string(...)));
    }

    /** @return int|null place of an item, from 0 */
    public function placeOf(string $itemId): ?int
    {
        foreach ($this->items as $place => $item) {
            if ($item->id === $itemId) {
                return $place;
            }
        }

        return null;
    }
}
