<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Patch\DipSwitches;

/** `dip` {"address","switches":9|10,"base":1|0} → {"on","pattern"}, and the other way {"on","base"} → {"address"}. */
final class DipTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::open($input);
        if ($in->has('on') && !$in->has('address')) {
            $in->allow(['on', 'base']);
            $on = $in->each('on', static fn (mixed $one, string $path): int => Scalars::whole($one, $path, 1, 10));

            return ['address' => DipSwitches::read($on, $in->whole('base', 0, 1))];
        }
        $in->allow(['address', 'switches', 'base']);
        $address = $in->address('address');
        $switches = $in->whole('switches', 9, 10);
        $set = DipSwitches::spelling($address, $switches, $in->whole('base', 0, 1));

        return ['on' => $set->on, 'pattern' => $set->pattern()];
    }
}
