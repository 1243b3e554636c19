<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\FixtureProfile;

/** Puts a channel at another place of its mode; the others close up, and fine channels keep their coarse ones. */
final readonly class MoveChannel implements ChartEdit
{
    /** @param int $to the offset that it gets */
    public function __construct(private Target $target, private int $to)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $mode = $this->target->mode($profile);
        $order = $mode->byOffset();
        $at = array_search($this->target->channel($profile), $order, true);
        if ($this->to < 1 || $this->to > \count($order)) {
            throw InputError::because('out_of_range', 'edit.to', \sprintf('The mode has channels 1 to %d.', \count($order)));
        }
        $moved = array_splice($order, (int) $at, 1);
        array_splice($order, $this->to - 1, 0, $moved);

        return $profile->withMode(Order::of($mode, $order));
    }
}
