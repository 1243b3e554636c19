<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Colour\Srgb;
use Rigger\Core\Page\ColourNames;
use Rigger\Core\Profile\Emitter;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\TypicalEmitters;

/** Adds every emitter that the channels drive and the fixture does not list, with typical figures. */
final readonly class ListEmitters implements ChartEdit
{
    /** Luminance of an emitter of which nothing but its name is known. */
    private const FLUX = 0.3;

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $emitters = $profile->emitters;
        foreach ($profile->modes as $mode) {
            foreach ($mode->channels as $channel) {
                foreach ($channel->ranges as $range) {
                    $known = array_map(static fn (Emitter $emitter): string => $emitter->key, $emitters);
                    if (null !== $range->emitter && !\in_array($range->emitter, $known, true)) {
                        $emitters[] = self::typical($range->emitter);
                    }
                }
            }
        }

        return $profile->withEmitters($emitters);
    }

    public static function typical(string $key): Emitter
    {
        foreach (TypicalEmitters::all() as $emitter) {
            if ($emitter->key === $key) {
                return $emitter;
            }
        }
        $hex = ColourNames::hexOf($key) ?? '#ffffff';

        return new Emitter($key, Srgb::chromaticity($hex, 'emitters'), self::FLUX, true);
    }
}
