<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Library\Csv;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Types;
use Rigger\App\Rig\View\ListColumnView;
use Rigger\App\Rig\View\ListRowView;
use Rigger\App\Rig\View\PatchListView;
use Rigger\Core\Input\InputError;
use Rigger\Core\Listing\Cell;
use Rigger\Core\Listing\PatchColumn;
use Rigger\Core\Listing\PatchRow;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Limits;

/** The patch as a list: written, and read with a preview of every row before anything changes. Units are known by their names. */
final readonly class PatchList
{
    public function __construct(private Types $types, private Hanging $hanging)
    {
    }

    /** @return string CSV with a head, in the order of the patch list */
    public static function write(Snapshot $snapshot): string
    {
        $rows = [array_map(static fn (PatchColumn $one): string => $one->value, PatchColumn::cases())];
        foreach ($snapshot->fixtures as $fixture) {
            $type = $fixture->revision()->type;
            $spot = $fixture->spot();
            $rows[] = [
                (string) $fixture->calledNumber(), $fixture->name(), $type->maker(), $type->model(), $fixture->mode()->name, (string) $fixture->universe(), (string) $fixture->span()->first,
                $fixture->position() ?? '', implode(', ', $fixture->groups()), $fixture->note() ?? '', $fixture->tape()->value,
                null === $spot ? '' : (string) $spot->x, null === $spot ? '' : (string) $spot->y, null === $spot?->height ? '' : (string) $spot->height,
            ];
        }

        return Csv::of(array_map(static fn (array $row): array => array_map(Cell::guarded(...), $row), $rows));
    }

    /**
     * What a list would do.
     *
     * @param list<string|null>|null $columns what each column holds; null to go by the heads
     */
    public function preview(Snapshot $snapshot, string $text, ?array $columns): PatchListView
    {
        [$heads, $meanings, $rows] = self::table($text, $columns);
        $views = array_map(static fn (ListedUnit $one): ListRowView => new ListRowView($one->line, $one->name, $one->what, $one->words), $this->units($snapshot, $meanings, $rows));
        $sample = $rows[array_key_first($rows) ?? 0] ?? [];
        $columnViews = array_map(static fn (int $index): ListColumnView => new ListColumnView($heads[$index], $sample[$index] ?? '', $meanings[$index]?->value), array_keys($heads));
        $count = array_count_values(array_map(static fn (ListRowView $one): string => $one->what, $views));

        return new PatchListView($columnViews, $views, $count['new'] ?? 0, $count['change'] ?? 0, $count['same'] ?? 0, $count['left out'] ?? 0);
    }

    /**
     * Hangs and changes what the list says. Rows that cannot be taken are left out, as the preview said.
     *
     * @param list<string|null>|null $columns
     *
     * @throws Problem when there is nothing to take
     */
    public function take(Snapshot $snapshot, string $text, ?array $columns): string
    {
        [, $meanings, $rows] = self::table($text, $columns);
        $new = $changed = 0;
        foreach ($this->units($snapshot, $meanings, $rows) as $unit) {
            if (null === $unit->row || 'same' === $unit->what) {
                continue;
            }
            if (null === $unit->fixture && null !== $unit->revision && null !== $unit->mode && null !== $unit->row->place) {
                $this->note($this->hanging->hang($snapshot, $unit->revision, $unit->mode->key, $unit->name, $unit->row->place, ++$new), $unit->row);
            } elseif (null !== $unit->fixture) {
                ++$changed;
                $this->change($snapshot, $unit->fixture, $unit->row, $unit->mode);
            }
        }
        if (0 === $new + $changed) {
            throw Problem::conflict('nothing_to_take', 'The list changes nothing: every row says what is there already, or cannot be taken.');
        }

        return \sprintf('Took a list: %d new, %d changed', $new, $changed);
    }

    /**
     * @param list<string|null>|null $columns
     *
     * @return array{list<string>, list<PatchColumn|null>, array<int, list<string>>} heads, meanings, rows by line
     */
    private static function table(string $text, ?array $columns): array
    {
        $rows = Csv::rows($text, Limits::FIXTURES + 1);
        if (\count($rows) > Limits::FIXTURES + 1) {
            throw Problem::at('file', 'out_of_range', \sprintf('The list has more than %s rows; a rig holds at most %1$s units.', number_format(Limits::FIXTURES)));
        }
        $heads = $rows[0] ?? [];
        if (\count($heads) < 2) {
            throw Problem::at('file', 'no_columns', 'The first row names no columns: a list needs at least a name and one thing more, with commas, semicolons or tabs between.');
        }
        $meanings = null === $columns ? PatchColumn::guessAll($heads) : array_map(static fn (int $index): ?PatchColumn => PatchColumn::tryFrom($columns[$index] ?? ''), array_keys($heads));
        if (!\in_array(PatchColumn::Name, $meanings, true) && null !== $columns) {
            throw Problem::at('columns', 'missing', 'Say which column holds the names: units are known by them.');
        }
        $lines = [];
        foreach (\array_slice($rows, 1) as $index => $cells) {
            if ('' !== trim(implode('', $cells))) {
                $lines[$index + 2] = $cells;
            }
        }

        return [$heads, $meanings, $lines];
    }

    /**
     * @param list<PatchColumn|null>   $meanings
     * @param array<int, list<string>> $rows
     *
     * @return list<ListedUnit>
     */
    private function units(Snapshot $snapshot, array $meanings, array $rows): array
    {
        $read = [];
        $models = [];
        foreach ($rows as $line => $cells) {
            try {
                $read[$line] = PatchRow::read($line, $cells, $meanings);
                $models[] = $read[$line]->model ?? '';
            } catch (InputError $error) {
                $read[$line] = $error;
            }
        }
        $charts = $this->types->latestOfModels(array_values(array_filter($models, static fn (string $one): bool => '' !== $one)));
        $there = [];
        foreach ($snapshot->fixtures as $fixture) {
            $there[$fixture->name()] ??= $fixture;
        }
        $units = [];
        $seen = [];
        foreach ($read as $line => $row) {
            if ($row instanceof InputError) {
                $units[] = ListedUnit::leftOut($line, self::named($rows[$line], $meanings), $row->getMessage());
            } elseif (isset($seen[$row->name])) {
                $units[] = ListedUnit::leftOut($line, $row->name, \sprintf('Line %d names it already.', $seen[$row->name]));
            } else {
                $seen[$row->name] = $line;
                $units[] = self::unit($row, $there[$row->name] ?? null, $charts);
            }
        }

        return $units;
    }

    /** @param list<FixtureRevision> $charts */
    private static function unit(PatchRow $row, ?PatchedFixture $fixture, array $charts): ListedUnit
    {
        $isOther = null !== $fixture && null !== $row->model && 0 !== strcasecmp($row->model, $fixture->revision()->type->model());
        if ($isOther) {
            return ListedUnit::leftOut($row->line, $row->name, \sprintf('A %s hangs under this name, and the list says %s. Swap it in Patch.', $fixture->revision()->type->model(), $row->model));
        }
        $revision = $fixture?->revision();
        if (null === $revision) {
            if (null === $row->model || null === $row->place) {
                return ListedUnit::leftOut($row->line, $row->name, null === $row->model ? 'No unit hangs under this name, and the row says no model.' : 'No unit hangs under this name, and the row says no address.');
            }
            $fitting = array_values(array_filter($charts, static fn (FixtureRevision $one): bool => 0 === strcasecmp($one->type->model(), $row->model) && (null === $row->maker || 0 === strcasecmp($one->type->maker(), $row->maker))));
            if (1 !== \count($fitting)) {
                return ListedUnit::leftOut($row->line, $row->name, [] === $fitting
                    ? \sprintf('The library has no %s%s.', null === $row->maker ? '' : $row->maker.' ', $row->model)
                    : \sprintf('%d makers have a %s: the row must say whose.', \count($fitting), $row->model));
            }
            $revision = $fitting[0];
        }
        $mode = null === $row->mode ? ($fixture?->mode() ?? self::onlyMode($revision)) : self::mode($revision, $row->mode);
        if (null === $mode) {
            return ListedUnit::leftOut($row->line, $row->name, null === $row->mode ? \sprintf('%s has several modes: the row must say which.', $revision->type->model()) : \sprintf('%s has no mode %s.', $revision->type->model(), InputError::quote($row->mode)));
        }
        if (null === $fixture) {
            return ListedUnit::coming($row, $revision, $mode, \sprintf('%s, %s, at %d.%03d', $revision->type->model(), $mode->name, $row->place->universe, $row->place->address));
        }
        $differs = self::differences($fixture, $row, $mode);

        return ListedUnit::there($row, $fixture, $mode, $differs);
    }

    /** @return list<string> what the row would change, in words */
    private static function differences(PatchedFixture $fixture, PatchRow $row, Mode $mode): array
    {
        $now = \sprintf('%d.%03d', $fixture->universe(), $fixture->span()->first);
        $wish = null === $row->place ? $now : \sprintf('%d.%03d', $row->place->universe, $row->place->address);

        return array_keys(array_filter([
            $now.' → '.$wish => $wish !== $now,
            'mode '.$mode->name => $mode->key !== $fixture->modeKey(),
            'number' => null !== $row->number && $row->number !== $fixture->calledNumber(),
            'where it hangs' => null !== $row->position && $row->position !== $fixture->position(),
            'groups' => null !== $row->groups && $row->groups !== $fixture->groups(),
            'note' => null !== $row->note && $row->note !== $fixture->note(),
            'tape' => null !== $row->tape && $row->tape !== $fixture->tape(),
            'place on the plan' => null !== $row->spot && $row->spot->words() !== $fixture->spot()?->words(),
        ]));
    }

    private function change(Snapshot $snapshot, PatchedFixture $fixture, PatchRow $row, ?Mode $mode): void
    {
        if (null !== $mode && $mode->key !== $fixture->modeKey()) {
            LookValues::refit($snapshot, $fixture, $fixture->mode(), $mode);
            $fixture->bend(Trimming::carried($fixture, $fixture->mode(), $mode));
            $fixture->setMode($mode->key);
        }
        if (null !== $row->place && ($row->place->universe !== $fixture->universe() || $row->place->address !== $fixture->span()->first)) {
            $fixture->moveTo($row->place->universe, $row->place->address);
        }
        $this->note($fixture, $row);
    }

    private function note(PatchedFixture $fixture, PatchRow $row): void
    {
        $fixture->number($row->number ?? $fixture->calledNumber());
        $fixture->hangAt($row->position ?? $fixture->position());
        $fixture->group($row->groups ?? $fixture->groups());
        $fixture->noteDown($row->note ?? $fixture->note());
        $fixture->tapeWith($row->tape ?? $fixture->tape());
        $fixture->putAt($row->spot ?? $fixture->spot());
    }

    private static function onlyMode(FixtureRevision $revision): ?Mode
    {
        $modes = array_values(array_filter($revision->profile()->modes, static fn (Mode $one): bool => $one->footprint() > 0));

        return 1 === \count($modes) ? $modes[0] : null;
    }

    /** A mode by its key, its name, or the number of its channels where that tells it apart. */
    private static function mode(FixtureRevision $revision, string $text): ?Mode
    {
        $modes = array_values(array_filter($revision->profile()->modes, static fn (Mode $one): bool => $one->footprint() > 0));
        foreach ($modes as $mode) {
            if (0 === strcasecmp($mode->key, $text) || 0 === strcasecmp($mode->name, $text)) {
                return $mode;
            }
        }
        $count = 1 === preg_match('/^(\d{1,3})\s*(?:-?\s*ch(?:annels?|an)?\.?)?$/i', $text, $parts) ? (int) $parts[1] : 0;
        $fitting = array_values(array_filter($modes, static fn (Mode $one): bool => $one->footprint() === $count));

        return 1 === \count($fitting) ? $fitting[0] : null;
    }

    /**
     * @param list<string>           $cells
     * @param list<PatchColumn|null> $meanings
     */
    private static function named(array $cells, array $meanings): string
    {
        $index = array_search(PatchColumn::Name, $meanings, true);

        return \is_int($index) ? mb_substr(trim($cells[$index] ?? ''), 0, Limits::NAME) : '';
    }
}
