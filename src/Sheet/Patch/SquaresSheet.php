<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Patch;

use Rigger\App\Rig\View\HoldView;
use Rigger\App\Rig\View\RigView;
use Rigger\App\Rig\View\UnitView;
use Rigger\App\Sheet\Draw\Align;
use Rigger\App\Sheet\Draw\Box;
use Rigger\App\Sheet\Draw\Flow;
use Rigger\App\Sheet\Draw\Page;
use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Draw\Stroke;
use Rigger\App\Sheet\Draw\Type;
use Rigger\Core\Patch\Span;

/** The squares of a universe, one page each: 16 rows of 32, with the names of what listens there. */
final readonly class SquaresSheet
{
    private const COLUMNS = 32;
    private const ROWS = 16;

    public function __construct(private Type $type, private PaperSize $paper)
    {
    }

    /**
     * @param list<UnitView> $units
     *
     * @return non-empty-list<Page>
     */
    public function of(RigView $rig, array $units): array
    {
        $universes = array_unique([
            ...array_map(static fn (UnitView $unit): int => $unit->universe, $units),
            ...array_map(static fn (HoldView $hold): int => $hold->universe, $rig->holds),
            ...([] === $units && [] === $rig->holds ? [$rig->desk->universe ?? 1] : []),
        ]);
        sort($universes);
        $flow = null;
        foreach ($universes as $universe) {
            $here = array_values(array_filter($units, static fn (UnitView $unit): bool => $unit->universe === $universe));
            $subtitle = $rig->venue.' · the squares of 512';
            if (null === $flow) {
                $flow = new Flow($this->type, $this->paper, $rig->name, $subtitle, true);
            } else {
                $flow->turn();
            }
            $holds = array_values(array_filter($rig->holds, static fn (HoldView $hold): bool => $hold->universe === $universe));
            $this->universe($flow, $universe, $here, $holds);
        }
        \assert(null !== $flow);

        return $flow->pages();
    }

    /**
     * @param list<UnitView> $units
     * @param list<HoldView> $holds
     */
    private function universe(Flow $flow, int $universe, array $units, array $holds): void
    {
        $page = $flow->page();
        $page->add($this->type->words(Flow::MARGIN, $flow->top() + 3, 'Universe '.$universe, 11, true));
        $flow->down(6);
        $wide = $flow->width / self::COLUMNS;
        $high = ($flow->left() - 2) / self::ROWS;
        $takers = [];
        foreach ($units as $unit) {
            foreach (range($unit->address, min($unit->last, Span::LAST_SLOT)) as $slot) {
                $takers[$slot][] = $unit;
            }
        }
        for ($slot = 1; $slot <= Span::LAST_SLOT; ++$slot) {
            $x = Flow::MARGIN + (($slot - 1) % self::COLUMNS) * $wide;
            $y = $flow->top() + intdiv($slot - 1, self::COLUMNS) * $high;
            $here = $takers[$slot] ?? [];
            // Twins are one on the tape; other units on one square are a fault, and black.
            $isShared = \count(array_unique(array_map(
                static fn (UnitView $unit): string => $unit->address.'/'.$unit->typeId.'/'.$unit->revision.'/'.$unit->mode,
                $here,
            ))) > 1;
            $page->add(
                new Box($x, $y, $wide, $high, [] === $here ? null : ($isShared ? 150 : 228), 0.1),
                $this->type->words($x + 0.5, $y + 2.2, (string) $slot, 5),
            );
        }
        foreach ([...$this->pieces($units), ...$this->held($holds)] as [$first, $last, $name, $isStart]) {
            $x = Flow::MARGIN + (($first - 1) % self::COLUMNS) * $wide;
            $y = $flow->top() + intdiv($first - 1, self::COLUMNS) * $high;
            $width = ($last - $first + 1) * $wide;
            $page->add($this->type->fitted(
                $x + 0.6,
                $y + $high - 1.4,
                ($isStart ? '' : '→ ').$name,
                7.5,
                $width - 1,
                true,
                Align::Left,
                4,
            ));
            $page->add(
                new Stroke($x, $y, $x, $y + $high, $isStart ? 0.5 : 0.1),
                new Stroke($x, $y + $high, $x + $width, $y + $high, 0.4),
                new Stroke($x, $y, $x + $width, $y, 0.4),
            );
        }
    }

    /**
     * @param list<HoldView> $holds
     *
     * @return list<array{int, int, string, bool}> as pieces
     */
    private function held(array $holds): array
    {
        $pieces = [];
        foreach ($holds as $hold) {
            array_push($pieces, ...self::cut($hold->from, $hold->to, 'held: '.$hold->name));
        }

        return $pieces;
    }

    /** @return list<array{int, int, string, bool}> */
    private static function cut(int $first, int $end, string $name): array
    {
        $pieces = [];
        for ($from = $first; $from <= $end; $from = $last + 1) {
            $last = min($end, intdiv($from - 1, self::COLUMNS) * self::COLUMNS + self::COLUMNS);
            $pieces[] = [$from, $last, $name, $from === $first];
        }

        return $pieces;
    }

    /**
     * Cut where a row ends; those at one address are one piece.
     *
     * @param list<UnitView> $units
     *
     * @return list<array{int, int, string, bool}> first and last slot, name, whether it begins here
     */
    private function pieces(array $units): array
    {
        $names = [];
        foreach ($units as $unit) {
            $names[$unit->address.'-'.min($unit->last, Span::LAST_SLOT)][] = $unit->name;
        }
        $pieces = [];
        foreach ($names as $span => $those) {
            [$first, $end] = array_map(intval(...), explode('-', $span));
            array_push($pieces, ...self::cut($first, $end, implode(' + ', $those)));
        }

        return $pieces;
    }
}
