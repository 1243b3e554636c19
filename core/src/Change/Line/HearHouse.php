<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Line\Radio\Band;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Names;

/** On which channels the house's own network is. */
final readonly class HearHouse implements Change
{
    /** @param string $channels as typed: "1 6 11"; empty for none */
    public function __construct(public string $channels)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $channels = [];
        $parts = preg_split('/[\s,;]+/', trim($this->channels), -1, \PREG_SPLIT_NO_EMPTY);
        foreach (false === $parts ? [] : $parts as $one) {
            if (1 !== preg_match('/^\d{1,3}$/D', $one) || (int) $one < 1 || (int) $one > Band::HOUSE_CHANNELS) {
                throw InputError::because(
                    'out_of_range',
                    'channels',
                    \sprintf('Channels of a house network are 1 to %d, not %s.', Band::HOUSE_CHANNELS, InputError::quote($one)),
                );
            }
            $channels[(int) $one] = (int) $one;
        }
        sort($channels);

        return new Applied($rig->besideHouse($channels), [] === $channels ? 'The house has no network of its own' : \sprintf(
            'The house network is on channel%s %s',
            1 === \count($channels) ? '' : 's',
            Names::all(array_map(strval(...), $channels)),
        ));
    }
}
