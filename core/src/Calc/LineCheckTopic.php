<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Finding\RunWords;
use Rigger\Core\Input\Members;
use Rigger\Core\Line\Cable\Cable;
use Rigger\Core\Line\Cable\CableType;
use Rigger\Core\Line\Cable\DataRun;
use Rigger\Core\Line\Cable\DeviceKind;
use Rigger\Core\Line\Cable\RunDevice;
use Rigger\Core\Line\Cable\RunFault;

/** `line.check` {"runs":[{"id","terminated","items":[{"id","kind","load":1,"cable":{"metres","type","adapter":false}}]}]} → {"runs"}. */
final class LineCheckTopic implements Topic
{
    private const MOST_RUNS = 2000;
    private const MOST_ITEMS = 2000;

    public function __invoke(mixed $input): array
    {
        $runs = Members::of($input, ['runs'])->each('runs', self::run(...), self::MOST_RUNS);
        UniqueIds::require('runs', array_column($runs, 0));
        $seen = [];
        foreach ($runs as $index => [, $run]) {
            $ids = array_map(static fn (RunDevice $one): string => $one->id, $run->devices);
            UniqueIds::requireAmong($seen, 'runs['.$index.'].items', $ids);
        }

        return ['runs' => array_map(static fn (array $one): array => [
            'id' => $one[0],
            'devices' => \count($one[1]->devices),
            'load' => $one[1]->load(),
            'metres' => $one[1]->metres(),
            'findings' => array_map(static fn (RunFault $fault): array => [
                'code' => $fault->code,
                'severity' => $fault->severity->value,
                'message' => RunWords::of($fault, $one[0]),
            ], $one[1]->faults()),
        ], $runs)];
    }

    /** @return array{string, DataRun} */
    private static function run(mixed $item, string $path): array
    {
        $in = Members::of($item, ['id', 'terminated', 'items'], $path);
        $id = $in->text('id');
        $isTerminated = $in->flag('terminated');

        return [$id, new DataRun($in->each('items', self::device(...), self::MOST_ITEMS), $isTerminated)];
    }

    private static function device(mixed $item, string $path): RunDevice
    {
        $in = Members::of($item, ['id', 'kind', 'load', 'cable'], $path);
        $id = $in->text('id');
        $kind = DeviceKind::from($in->choice('kind', array_column(DeviceKind::cases(), 'value')));
        $load = $in->has('load') ? $in->number('load', 0) : 1.0;
        $cable = Members::of($in->raw('cable'), ['metres', 'type', 'adapter'], $in->path('cable'));
        $metres = $cable->number('metres', 0);
        $type = CableType::from($cable->choice('type', array_column(CableType::cases(), 'value')));

        return new RunDevice($id, $kind, new Cable($metres, $type, $cable->has('adapter') && $cable->flag('adapter')), $load);
    }
}
