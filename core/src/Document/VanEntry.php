<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Line\Cable\Cable;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Line\Van;

/** The cable at hand in a rig document: {"lengths": [2, 5, 10], "slack": 1.1, "spare": 1, "x": 0, "y": -6, "height": 1}. */
final class VanEntry
{
    /** @throws InputError */
    public static function read(mixed $item, string $path): Van
    {
        $in = Members::of($item, ['lengths', 'slack', 'spare', 'x', 'y', 'height'], $path);
        $lengths = $in->each('lengths', static function (mixed $one, string $at): float {
            return Scalars::above($one, $at, 0, Cable::LONGEST);
        }, Van::MOST_LENGTHS);
        sort($lengths);

        return new Van(
            array_values(array_unique($lengths)),
            $in->has('slack') ? $in->number('slack', 1, 3) : Van::SLACK,
            $in->has('spare') ? $in->number('spare', 0, 20) : Van::SPARE,
            $in->has('x') || $in->has('y') ? new Spot(
                $in->number('x', -Spot::FARTHEST, Spot::FARTHEST),
                $in->number('y', -Spot::FARTHEST, Spot::FARTHEST),
                $in->has('height') ? $in->number('height', 0, Spot::HIGHEST) : null,
            ) : null,
        );
    }

    /** @return array<string, mixed> */
    public static function write(Van $van): array
    {
        return ['lengths' => $van->lengths, 'slack' => $van->slack, 'spare' => $van->spare] + array_filter(
            ['x' => $van->desk?->x, 'y' => $van->desk?->y, 'height' => $van->desk?->height],
            static fn (?float $metres): bool => null !== $metres,
        );
    }
}
