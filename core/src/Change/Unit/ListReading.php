<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Listing\PatchColumn;
use Rigger\Core\Listing\PatchRow;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Revision;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/**
 * The rows of a patch list, each held against the rig and the library.
 *
 * @internal
 */
final readonly class ListReading
{
    /** @param list<PatchColumn|null> $columns */
    public function __construct(private Rig $rig, private World $world, private array $columns)
    {
    }

    /**
     * @param list<list<string>> $rows
     *
     * @return list<ListedUnit>
     */
    public function rows(array $rows, int $firstLine): array
    {
        $read = [];
        $models = [];
        foreach ($rows as $index => $cells) {
            $line = $firstLine + $index;
            if ('' === trim(implode('', $cells))) {
                continue;
            }
            try {
                $read[$line] = PatchRow::read($line, $cells, $this->columns);
                $models[] = $read[$line]->model ?? '';
            } catch (InputError $error) {
                $read[$line] = $error;
            }
        }
        $charts = $this->world->latestOfModels(array_values(array_filter($models, static fn (string $model): bool => '' !== $model)));
        $there = [];
        foreach ($this->rig->units as $unit) {
            $there[$unit->name] ??= $unit;
        }
        $units = [];
        $seen = [];
        foreach ($read as $line => $row) {
            if ($row instanceof InputError) {
                $units[] = ListedUnit::leftOut($line, $this->named($rows[$line - $firstLine]), $row->getMessage());
            } elseif (isset($seen[$row->name])) {
                $units[] = ListedUnit::leftOut($line, $row->name, \sprintf('Line %d names it already.', $seen[$row->name]));
            } else {
                $seen[$row->name] = $line;
                $units[] = self::unit($row, $there[$row->name] ?? null, $charts);
            }
        }

        return $units;
    }

    /** @param list<Revision> $charts */
    private static function unit(PatchRow $row, ?Unit $unit, array $charts): ListedUnit
    {
        if (null !== $unit && null !== $row->model && 0 !== strcasecmp($row->model, $unit->model())) {
            return ListedUnit::leftOut(
                $row->line,
                $row->name,
                \sprintf('A %s hangs under this name, and the list says %s. Swap it in Patch.', $unit->model(), $row->model),
            );
        }
        $revision = $unit?->revision();
        if (null === $revision) {
            if (null === $row->model || null === $row->place) {
                return ListedUnit::leftOut(
                    $row->line,
                    $row->name,
                    null === $row->model
                        ? 'No unit hangs under this name, and the row says no model.'
                        : 'No unit hangs under this name, and the row says no address.',
                );
            }
            $fitting = array_values(array_filter(
                $charts,
                static fn (Revision $revision): bool => 0 === strcasecmp($revision->model, $row->model)
                    && (null === $row->maker || 0 === strcasecmp($revision->maker, $row->maker)),
            ));
            if (1 !== \count($fitting)) {
                return ListedUnit::leftOut($row->line, $row->name, [] === $fitting
                    ? \sprintf('The library has no %s%s.', null === $row->maker ? '' : $row->maker.' ', $row->model)
                    : \sprintf('%d makers have a %s: the row must say whose.', \count($fitting), $row->model));
            }
            $revision = $fitting[0];
        }
        $mode = null === $row->mode ? ($unit?->mode() ?? self::onlyMode($revision)) : self::mode($revision, $row->mode);
        if (null === $mode) {
            return ListedUnit::leftOut(
                $row->line,
                $row->name,
                null === $row->mode
                    ? \sprintf('%s has several modes: the row must say which.', $revision->model)
                    : \sprintf('%s has no mode %s.', $revision->model, InputError::quote($row->mode)),
            );
        }
        if (null === $unit) {
            return ListedUnit::coming(
                $row,
                $revision,
                $mode,
                \sprintf('%s, %s, at %s', $revision->model, $mode->name, $row->place->words()),
            );
        }

        return ListedUnit::there($row, $unit, $mode, self::differences($unit, $row, $mode));
    }

    /** @return list<string> what the row would change, in words */
    private static function differences(Unit $unit, PatchRow $row, Mode $mode): array
    {
        $now = $unit->place->words();
        $wish = $row->place?->words() ?? $now;

        return array_keys(array_filter([
            $now.' → '.$wish => $wish !== $now,
            'mode '.$mode->name => $mode->key !== $unit->mode()->key,
            'number' => null !== $row->number && $row->number !== $unit->number,
            'where it hangs' => null !== $row->position && $row->position !== $unit->position,
            'groups' => null !== $row->groups && $row->groups !== $unit->groups,
            'note' => null !== $row->note && $row->note !== $unit->note,
            'tape' => null !== $row->tape && $row->tape !== $unit->tape,
            'place on the plan' => null !== $row->spot && $row->spot->words() !== $unit->spot?->words(),
        ]));
    }

    private static function onlyMode(Revision $revision): ?Mode
    {
        $modes = $revision->usableModes();

        return 1 === \count($modes) ? $modes[0] : null;
    }

    /** A mode by its key, its name, or the number of its channels where that tells it apart. */
    private static function mode(Revision $revision, string $text): ?Mode
    {
        $modes = $revision->usableModes();
        foreach ($modes as $mode) {
            if (0 === strcasecmp($mode->key, $text) || 0 === strcasecmp($mode->name, $text)) {
                return $mode;
            }
        }
        $count = 1 === preg_match('/^(\d{1,3})\s*(?:-?\s*ch(?:annels?|an)?\.?)?$/i', $text, $parts) ? (int) $parts[1] : 0;
        $fitting = array_values(array_filter($modes, static fn (Mode $mode): bool => $mode->footprint() === $count));

        return 1 === \count($fitting) ? $fitting[0] : null;
    }

    /** @param list<string> $cells */
    private function named(array $cells): string
    {
        $index = array_search(PatchColumn::Name, $this->columns, true);

        return \is_int($index) ? mb_substr(trim($cells[$index] ?? ''), 0, Limits::NAME) : '';
    }
}
