<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Cable;

use Rigger\Core\Change\Refused;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Line\Outlet;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\NotThere;
use Rigger\Core\Rig\Rig;

/**
 * Where a run may begin.
 *
 * @internal
 */
final class Outlets
{
    /** @throws InputError out_of_range */
    public static function ofDesk(Rig $rig, ?int $output, ?int $universe): Outlet
    {
        return Outlet::ofDesk($output ?? self::free($rig, null), $universe ?? $rig->universe());
    }

    /**
     * @param Run|null $run that is to begin there; null for a new one
     *
     * @throws NotThere|Refused|InputError loop; out_of_range
     */
    public static function ofSplitter(Rig $rig, string $itemId, ?int $output, ?Run $run): Outlet
    {
        [$before, $place] = $rig->cabling()->placeOf($itemId) ?? throw NotThere::runItem();
        $splitter = $before->items[$place]->splitter ?? throw NotThere::runItem();
        if (null !== $run && $rig->cabling()->isFedBy($itemId, $run->id)) {
            throw Refused::because('loop', \sprintf(
                '%s cannot begin at %s: that hangs on %s, which comes from %s itself.',
                $run->name,
                $splitter->name,
                $before->name,
                $run->name,
            ));
        }
        $output ??= self::free($rig, $itemId);
        if ($output > $splitter->outputs) {
            throw InputError::because(
                'out_of_range',
                'output',
                \sprintf('%s has %d outputs, and all of them or number %d is asked for.', $splitter->name, $splitter->outputs, $output),
            );
        }

        return Outlet::ofSplitter($itemId, $output);
    }

    private static function free(Rig $rig, ?string $splitterId): int
    {
        $output = $rig->cabling()->freeOutput($splitterId);

        return $output <= Outlet::MOST ? $output : throw InputError::because('out_of_range', 'output', 'There is no output left.');
    }
}
