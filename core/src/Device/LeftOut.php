<?php

declare(strict_types=1);

namespace Rigger\Core\Device;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\Range;

/** What of a chart a device description of DIN SPEC 15800 does not carry, found by reading back what would be written. */
final class LeftOut
{
    /** Beyond so many of a kind, their number is enough. */
    private const MOST = 6;

    /** @return list<string> in an operator's words; empty when all comes back */
    public static function of(FixtureProfile $profile): array
    {
        $back = DescriptionReader::read(DescriptionWriter::write($profile))->profile;

        return [
            ...self::beside($profile),
            ...self::some(self::ranges($profile, $back)),
        ];
    }

    /** @return list<string> */
    private static function beside(FixtureProfile $profile): array
    {
        $words = [];
        if (null !== $profile->unit) {
            $words[] = 'How the unit is set: its buttons, letters, saving, run state and lamps.';
        }
        if (null !== $profile->switches) {
            $words[] = 'Its address switches.';
        }
        if (null !== $profile->record) {
            $words[] = 'What was found out by fader, what is untried, and which findings were accepted.';
        }
        foreach ($profile->modes as $mode) {
            if (null !== $mode->display || null !== $mode->setup) {
                $words[] = 'What the display shows in each mode, and how a mode is set.';
                break;
            }
        }

        return $words;
    }

    /** @return list<string> */
    private static function ranges(FixtureProfile $profile, FixtureProfile $back): array
    {
        $words = [];
        foreach ($profile->modes as $mode) {
            $there = array_values(array_filter($back->modes, static fn (Mode $one): bool => $one->name === $mode->name))[0] ?? null;
            foreach ($mode->channels as $channel) {
                $other = $there?->channel($channel->offset);
                $functions = self::functions($channel);
                $comesBack = null === $other ? [] : self::functions($other);
                $lost = array_values(array_diff($functions, $comesBack));
                if ([] !== $lost) {
                    $words[] = \sprintf('%s, channel %d (%s): %s.', $mode->name, $channel->offset, $channel->label, implode(', ', $lost));
                }
            }
        }

        return $words;
    }

    /** @return list<string> */
    private static function functions(Channel $channel): array
    {
        return array_values(array_unique(array_map(
            static fn (Range $range): string => str_replace('-', ' ', $range->function->value),
            $channel->ranges,
        )));
    }

    /**
     * @param list<string> $words
     *
     * @return list<string>
     */
    private static function some(array $words): array
    {
        $more = \count($words) - self::MOST;

        return $more > 0 ? [...\array_slice($words, 0, self::MOST), \sprintf('And %d channels more.', $more)] : $words;
    }
}
