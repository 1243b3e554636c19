<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Line\Radio\Margin;
use Rigger\Core\Line\Radio\Surroundings;

/**
 * `radio.margin` {"powerDbm","gains":[a,b],"sensitivityDbm","metres","place","obstacles"}
 * → {"lossDb","receivedDbm","marginDb","verdict"}.
 */
final class RadioMarginTopic implements Topic
{
    private const MOST_OBSTACLES = 1000;

    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['powerDbm', 'gains', 'sensitivityDbm', 'metres', 'place', 'obstacles']);
        $power = $in->number('powerDbm');
        $gains = $in->each('gains', static fn (mixed $one, string $path): float => Scalars::number($one, $path));
        if (2 !== \count($gains)) {
            throw InputError::because('values_count', 'gains', \sprintf(
                'Two gains are wanted, one for each aerial, not %d.',
                \count($gains),
            ));
        }
        $sensitivity = $in->number('sensitivityDbm');
        $metres = $in->number('metres', 0);
        $place = Surroundings::from($in->choice('place', array_column(Surroundings::cases(), 'value')));
        $obstacles = $in->each(
            'obstacles',
            static fn (mixed $one, string $path): float => Scalars::number($one, $path, 0),
            self::MOST_OBSTACLES,
        );
        $margin = Margin::of($power, array_sum($gains), $sensitivity, $metres, $place, $obstacles);

        return [
            'lossDb' => $margin->lossDb,
            'receivedDbm' => $margin->receivedDbm,
            'marginDb' => $margin->marginDb,
            'verdict' => $margin->verdict(),
        ];
    }
}
