<?php

declare(strict_types=1);

namespace Rigger\Core\Compare;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\ChannelPlace;
use Rigger\Core\Profile\ChartRecord;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;

/** A chart that starts from another fixture's: nothing of it is believed until somebody has tried it. */
final class LookAlike
{
    /** @param string|null $modeKey the one mode to take over; null for all */
    public static function startingFrom(FixtureProfile $like, string $maker, string $model, ?string $modeKey): FixtureProfile
    {
        $modes = null === $modeKey
            ? $like->modes
            : array_values(array_filter($like->modes, static fn (Mode $mode): bool => $mode->key === $modeKey));
        if ([] === $modes) {
            throw InputError::because(
                'unknown_mode',
                'mode',
                \sprintf('%s has no mode %s.', $like->model, InputError::quote((string) $modeKey)),
            );
        }
        $untried = [];
        foreach ($modes as $mode) {
            foreach ($mode->channels as $channel) {
                $untried[] = new ChannelPlace($mode->key, $channel->offset);
            }
        }
        // What the other unit shows on its display, and how it is set, is its own.
        $modes = array_map(static fn (Mode $mode): Mode => new Mode($mode->key, $mode->name, $mode->count, $mode->channels), $modes);

        return new FixtureProfile(
            $maker,
            $model,
            $like->kind,
            null,
            $like->emitters,
            $like->movement,
            $modes,
            null,
            null,
            new ChartRecord([], [], $untried),
        );
    }
}
