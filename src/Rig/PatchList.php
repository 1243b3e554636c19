<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Library\Csv;
use Rigger\App\Problem\Problem;
use Rigger\App\Rig\View\ListColumnView;
use Rigger\App\Rig\View\ListRowView;
use Rigger\App\Rig\View\PatchListView;
use Rigger\Core\Change\ChangeReader;
use Rigger\Core\Change\Unit\ListedUnit;
use Rigger\Core\Change\Unit\TakeList;
use Rigger\Core\Listing\Cell;
use Rigger\Core\Listing\PatchColumn;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;

/** The patch as a list of comma-separated values: written, and read with a preview of every row before anything changes. */
final readonly class PatchList
{
    public function __construct(private LibraryWorld $world)
    {
    }

    /** @return string CSV with a head, in the order of the patch list */
    public static function write(Rig $rig): string
    {
        $rows = [array_map(static fn (PatchColumn $column): string => $column->value, PatchColumn::cases())];
        foreach ($rig->units as $unit) {
            $spot = $unit->spot;
            $rows[] = [
                (string) $unit->number, $unit->name, $unit->revision()->maker, $unit->model(), $unit->mode()->name,
                (string) $unit->place->universe, (string) $unit->place->address,
                $unit->position ?? '', implode(', ', $unit->groups), $unit->note ?? '', $unit->tape->value,
                null === $spot
                    ? ''
                    : (string) $spot->x, null === $spot ? '' : (string) $spot->y, null === $spot?->height ? '' : (string) $spot->height,
            ];
        }

        return Csv::of(array_map(static fn (array $row): array => array_map(Cell::guarded(...), $row), $rows));
    }

    /**
     * What a list would do, with the change that does it.
     *
     * @param list<string|null>|null $columns what each column holds; null to go by the heads
     *
     * @throws Problem out_of_range, no_columns, missing
     */
    public function preview(Rig $rig, string $text, ?array $columns): PatchListView
    {
        [$heads, $change] = self::read($text, $columns);
        $rows = array_map(
            static fn (ListedUnit $unit): ListRowView => new ListRowView($unit->line, $unit->name, $unit->what, $unit->words),
            $change->read($rig, $this->world),
        );
        $sample = array_values(array_filter($change->rows, static fn (array $cells): bool => '' !== trim(implode('', $cells))))[0] ?? [];
        $columnViews = array_map(
            static fn (int $index): ListColumnView => new ListColumnView($heads[$index], $sample[$index] ?? '', $change->columns[$index]),
            array_keys($heads),
        );
        $count = array_count_values(array_map(static fn (ListRowView $row): string => $row->what, $rows));

        return new PatchListView(
            $columnViews,
            $rows,
            $count['new'] ?? 0,
            $count['change'] ?? 0,
            $count['same'] ?? 0,
            $count['left out'] ?? 0,
            (object) ChangeReader::write($change),
        );
    }

    /**
     * @param list<string|null>|null $columns
     *
     * @return array{list<string>, TakeList} heads, and the change
     */
    private static function read(string $text, ?array $columns): array
    {
        $rows = Csv::rows($text, Limits::UNITS + 1);
        if (\count($rows) > Limits::UNITS + 1) {
            throw Problem::at(
                'file',
                'out_of_range',
                \sprintf('The list has more than %s rows; a rig holds at most %1$s units.', number_format(Limits::UNITS)),
            );
        }
        $heads = $rows[0] ?? [];
        if (\count($heads) < 2) {
            throw Problem::at(
                'file',
                'no_columns',
                'The first row names no columns: a list needs at least a name and one thing more, with commas, semicolons or tabs between.',
            );
        }
        $meanings = null === $columns
            ? PatchColumn::guessAll($heads)
            : array_map(static fn (int $index): ?PatchColumn => PatchColumn::tryFrom($columns[$index] ?? ''), array_keys($heads));
        if (!\in_array(PatchColumn::Name, $meanings, true) && null !== $columns) {
            throw Problem::at('columns', 'missing', 'Say which column holds the names: units are known by them.');
        }

        return [
            $heads,
            new TakeList(array_map(static fn (?PatchColumn $column): ?string => $column?->value, $meanings), \array_slice($rows, 1)),
        ];
    }
}
