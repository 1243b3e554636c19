<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Line\Cable\Ends;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Line\Outlet;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Line\RunItem;

/**
 * A data run in a rig document: {"name", "from": {"desk": 1, "universe": 1}, "terminated", "ends", "items"}. One that begins at a splitter
 * names the run that ends in it, counted from 0: {"run": 0, "output": 2}. One that is plugged in nowhere has "from": null.
 */
final readonly class RunEntry
{
    /**
     * @param array{desk: int, universe: int}|array{run: int, output: int}|null $from
     * @param list<RunItemEntry>                                                $items
     */
    private function __construct(
        public string $name,
        public ?array $from,
        public array $items,
        public bool $isTerminated,
        public Ends $ends,
    ) {
    }

    /**
     * @param array<string, int> $units     places by id
     * @param array<string, int> $splitters runs by the splitter that ends them
     */
    public static function of(Run $run, array $units, array $splitters): self
    {
        $from = $run->from;

        return new self(
            $run->name,
            match (true) {
                null === $from => null,
                null === $from->splitterId => ['desk' => $from->output, 'universe' => $from->universe],
                default => ['run' => $splitters[$from->splitterId], 'output' => $from->output],
            },
            array_map(static fn (RunItem $item): RunItemEntry => RunItemEntry::of($item, $units), $run->items),
            $run->isTerminated,
            $run->ends,
        );
    }

    /** @throws InputError */
    public static function read(mixed $item, string $path): self
    {
        $in = Members::of($item, ['name', 'from', 'items', 'terminated', 'ends'], $path);
        $name = Limits::name($in->text('name'), $in->path('name'));
        $from = $in->isNull('from') ? null : self::from($in->raw('from'), $in->path('from'));
        $items = $in->each('items', RunItemEntry::read(...), Limits::ON_A_RUN);

        $isTerminated = $in->flag('terminated');

        return new self($name, $from, $items, $isTerminated, Ends::from($in->choice('ends', array_column(Ends::cases(), 'value'))));
    }

    /** @return array{desk: int, universe: int}|array{run: int, output: int} */
    private static function from(mixed $item, string $path): array
    {
        $in = Members::of($item, ['desk', 'universe', 'run', 'output'], $path);
        if ($in->has('run')) {
            Members::of($item, ['run', 'output'], $path);

            return ['run' => $in->whole('run', 0, Limits::RUNS), 'output' => $in->whole('output', 1, Outlet::MOST)];
        }
        Members::of($item, ['desk', 'universe'], $path);

        return ['desk' => $in->whole('desk', 1, Outlet::MOST), 'universe' => $in->whole('universe', 1, Limits::UNIVERSES)];
    }

    /**
     * @param list<string>            $itemIds   one for each item
     * @param list<string>            $unitIds   by place
     * @param array<int, string|null> $splitters ids of the splitters that end runs, by run
     */
    public function run(string $id, array $itemIds, array $unitIds, array $splitters): Run
    {
        return new Run(
            $id,
            $this->name,
            match (true) {
                null === $this->from => null,
                isset($this->from['desk']) => Outlet::ofDesk($this->from['desk'], $this->from['universe']),
                default => Outlet::ofSplitter($splitters[$this->from['run']] ?? '', $this->from['output']),
            },
            array_map(static fn (RunItemEntry $item, string $itemId): RunItem => $item->item($itemId, $unitIds), $this->items, $itemIds),
            $this->isTerminated,
            $this->ends,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'from' => $this->from,
            'terminated' => $this->isTerminated,
            'ends' => $this->ends->value,
            'items' => array_map(static fn (RunItemEntry $item): array => $item->toArray(), $this->items),
        ];
    }
}
