<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

/** The adapters that a cable needs between two devices, by what each plugs into. */
final class Adapters
{
    /**
     * @param Ends $out   of the output that the cable begins at
     * @param Ends $cable of both of its ends
     * @param Ends $in    of the input that it leads to
     *
     * @return list<string> "5-pin male to 3-pin female", from the beginning to the end
     */
    public static function between(Ends $out, Ends $cable, Ends $in): array
    {
        $adapters = [];
        if (!$cable->isPlug()) {
            return [];
        }
        if ($out !== $cable && $out->isPlug()) {
            $adapters[] = $out->intoOutput().' to '.$cable->takesBeginning();
        }
        if ($in !== $cable && $in->isPlug()) {
            $adapters[] = $cable->takesEnd().' to '.$in->ontoInput();
        }

        return $adapters;
    }
}
