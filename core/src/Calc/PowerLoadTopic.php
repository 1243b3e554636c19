<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Power\CircuitLoad;

/** `power.load` {"volts","powerFactor":1,"circuits":[{"id","breakerAmps","watts"}],"continuous":0.8} → {"circuits"}. */
final class PowerLoadTopic implements Topic
{
    private const MOST = 2000;

    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['volts', 'powerFactor', 'circuits', 'continuous']);
        $volts = $in->above('volts', 0);
        $factor = $in->has('powerFactor') ? $in->above('powerFactor', 0, 1) : 1.0;
        $circuits = $in->each('circuits', self::circuit(...), self::MOST);
        $continuous = $in->has('continuous') ? $in->above('continuous', 0, 1) : CircuitLoad::CONTINUOUS;
        UniqueIds::require('circuits', array_column($circuits, 0));

        return ['circuits' => array_map(static function (array $one) use ($volts, $factor, $continuous): array {
            $load = CircuitLoad::of($one[2], $volts, $factor, $one[1], $continuous);

            return [
                'id' => $one[0],
                'watts' => $load->watts,
                'amps' => $load->amps,
                'limitAmps' => $load->limitAmps,
                'share' => $load->share(),
                'verdict' => $load->verdict(),
            ];
        }, $circuits)];
    }

    /** @return array{string, float, float} id, breaker in amperes, watts in all */
    private static function circuit(mixed $item, string $path): array
    {
        $in = Members::of($item, ['id', 'breakerAmps', 'watts'], $path);
        $id = $in->text('id');
        $breaker = $in->above('breakerAmps', 0);

        $watts = $in->each('watts', static fn (mixed $one, string $at): float => Scalars::number($one, $at, 0), self::MOST);

        return [$id, $breaker, array_sum($watts)];
    }
}
