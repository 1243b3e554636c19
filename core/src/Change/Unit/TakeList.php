<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\Shape\Table;
use Rigger\Core\Change\World;
use Rigger\Core\Listing\PatchColumn;
use Rigger\Core\Listing\PatchRow;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Refit;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** Hangs and changes what a list of the patch says. Units are known by their names; rows that cannot be taken are left out. */
final readonly class TakeList implements Change
{
    /**
     * @param list<string|null>  $columns what each column holds, as PatchColumn names it; null for nothing that is known
     * @param list<list<string>> $rows    cells of a row, without the head
     */
    public function __construct(#[Table(isOneRow: true)] public array $columns, #[Table] public array $rows)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $new = $changed = 0;
        $made = [];
        foreach ($this->read($rig, $world) as $one) {
            if (null === $one->row || 'same' === $one->what) {
                continue;
            }
            $unit = $one->unit;
            if (null === $unit && null !== $one->revision && null !== $one->mode && null !== $one->row->place) {
                if (\count($rig->units) >= Limits::UNITS) {
                    throw AddUnits::full(\count($rig->units) - $new);
                }
                $unit = new Unit($world->newId(), $one->name, $one->revision, $one->mode->key, $one->row->place);
                $made[] = $unit->id;
                ++$new;
            } elseif (null !== $unit) {
                ++$changed;
                if (null !== $one->mode && $one->mode->key !== $unit->mode()->key) {
                    $rig = Refit::becoming($rig, $unit, $unit->revision(), $one->mode->key);
                    $unit = $rig->unit($unit->id);
                }
                if (null !== $one->row->place && !$one->row->place->equals($unit->place)) {
                    $unit = $unit->movedTo($one->row->place);
                }
            }
            if (null !== $unit) {
                $rig = $rig->withUnits(self::noted($unit, $one->row));
            }
        }
        if (0 === $new + $changed) {
            throw Refused::because(
                'nothing_to_take',
                'The list changes nothing: every row says what is there already, or cannot be taken.',
            );
        }

        return new Applied($rig, \sprintf('Took a list: %d new, %d changed', $new, $changed), $made);
    }

    /**
     * What each row would do.
     *
     * @param int $firstLine line of the file in which the first row stands
     *
     * @return list<ListedUnit>
     */
    public function read(Rig $rig, World $world, int $firstLine = 2): array
    {
        return (new ListReading(
            $rig,
            $world,
            array_map(static fn (?string $column): ?PatchColumn => PatchColumn::tryFrom($column ?? ''), $this->columns),
        ))->rows($this->rows, $firstLine);
    }

    private static function noted(Unit $unit, PatchRow $row): Unit
    {
        return $unit->numbered($row->number ?? $unit->number)
            ->hangingAt($row->position ?? $unit->position)
            ->grouped($row->groups ?? $unit->groups)
            ->withNote($row->note ?? $unit->note)
            ->taped($row->tape ?? $unit->tape)
            ->putAt($row->spot ?? $unit->spot);
    }
}
