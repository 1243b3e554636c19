<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Line\Cable\CablePlan;
use Rigger\Core\Line\Cable\LaidRun;
use Rigger\Core\Line\Cable\Point;

/**
 * `line.plan` {"from":{"x","y","z"},"units":[{"id","x","y","z"}],"perRun":32,"runs","slack":1.1,"spare":1.0,"lengths":[m…]}
 * → {"runs":[{"order","cables":[{"to","needed","length"}],"metres"}],"metres","unplaced"}.
 */
final class LinePlanTopic implements Topic
{
    private const MOST_UNITS = 1000;
    private const MOST_LENGTHS = 1000;

    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['from', 'units', 'perRun', 'runs', 'slack', 'spare', 'lengths']);
        $from = Members::of($in->raw('from'), ['x', 'y', 'z'], 'from');
        $from = new Point('', $from->number('x'), $from->number('y'), $from->number('z'));
        $units = $in->each('units', self::unit(...), self::MOST_UNITS);
        $perRun = $in->has('perRun') ? $in->whole('perRun', 1) : 32;
        $runs = $in->whole('runs', 1);
        $slack = $in->has('slack') ? $in->above('slack', 0) : 1.1;
        $spare = $in->has('spare') ? $in->number('spare', 0) : 1.0;
        $lengths = $in->each(
            'lengths',
            static fn (mixed $one, string $path): float => Scalars::above($one, $path, 0),
            self::MOST_LENGTHS,
        );
        UniqueIds::require('units', array_map(static fn (Point $unit): string => $unit->id, $units));
        $plan = CablePlan::of($from, $units, $perRun, $runs, $slack, $spare, $lengths);

        return [
            'runs' => array_map(static fn (LaidRun $run): array => [
                'order' => $run->order,
                'cables' => $run->cables,
                'metres' => $run->metres(),
            ], $plan->runs),
            'metres' => $plan->metres(),
            'unplaced' => $plan->unplaced,
        ];
    }

    private static function unit(mixed $item, string $path): Point
    {
        $in = Members::of($item, ['id', 'x', 'y', 'z'], $path);

        return new Point($in->text('id'), $in->number('x'), $in->number('y'), $in->number('z'));
    }
}
