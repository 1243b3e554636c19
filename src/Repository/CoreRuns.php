<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

use Doctrine\DBAL\Connection;
use Rigger\Core\Line\Cable\CableType;
use Rigger\Core\Line\Cable\Ends;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Line\Outlet;
use Rigger\Core\Rig\Line\Piece;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Line\RunItem;
use Rigger\Core\Rig\Line\Splitter;

/** Data runs of a rig from plain rows. */
final readonly class CoreRuns
{
    public function __construct(private Connection $database)
    {
    }

    /** @return list<Run> in the order in which they were added */
    public function of(string $rigId): array
    {
        $runs = $this->rows(
            'SELECT id, name, splitter_id, output, universe, terminated, ends FROM data_run WHERE rig_id = ? ORDER BY place',
            $rigId,
        );
        if ([] === $runs) {
            return [];
        }
        $items = [];
        foreach ($this->rows(
            'SELECT id, run_id, fixture_id, splitter, outputs, x, y, height, metres, cable, plugs, ends, load FROM run_item '
                .'WHERE rig_id = ? ORDER BY run_id, place',
            $rigId,
        ) as $row) {
            $items[$row->text('run_id')][] = self::item($row);
        }

        return array_map(static fn (Row $row): Run => new Run(
            $row->text('id'),
            $row->text('name'),
            self::outlet($row),
            $items[$row->text('id')] ?? [],
            $row->flag('terminated'),
            Ends::from($row->text('ends')),
        ), $runs);
    }

    private static function outlet(Row $row): ?Outlet
    {
        $output = $row->wholeOrNull('output');
        $splitter = $row->textOrNull('splitter_id');

        return match (true) {
            null === $output => null,
            null === $splitter => Outlet::ofDesk($output, $row->whole('universe')),
            default => Outlet::ofSplitter($splitter, $output),
        };
    }

    private static function item(Row $row): RunItem
    {
        $piece = new Piece($row->numberOrNull('metres'), CableType::from($row->text('cable')), Ends::from($row->text('plugs')));
        $unit = $row->textOrNull('fixture_id');
        $ends = Ends::from($row->text('ends'));
        if (null !== $unit) {
            return RunItem::unit($row->text('id'), $unit, $piece, $ends, $row->number('load'));
        }
        [$x, $y] = [$row->numberOrNull('x'), $row->numberOrNull('y')];
        $splitter = new Splitter(
            $row->text('splitter'),
            $row->whole('outputs'),
            null === $x || null === $y ? null : new Spot($x, $y, $row->numberOrNull('height')),
        );

        return RunItem::splitter($row->text('id'), $splitter, $piece, $ends, $row->number('load'));
    }

    /** @return list<Row> */
    private function rows(string $sql, string $id): array
    {
        return array_map(static fn (array $row): Row => new Row($row), $this->database->fetchAllAssociative($sql, [$id]));
    }
}
