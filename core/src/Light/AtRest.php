<?php

declare(strict_types=1);

namespace Rigger\Core\Light;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\RangeFunction;

/** What it means for a unit that some of its channels are on no fader and rest at 0. */
final readonly class AtRest
{
    /** So many clauses are said; nobody reads more. */
    private const SAID = 3;

    /**
     * @param bool         $isDark      the unit cannot be lit by the faders that do reach it
     * @param list<string> $meaning     a clause for each channel that matters: "Shutter (8) is closed"
     * @param string|null  $selfRunning the program that then runs by itself
     */
    private function __construct(public bool $isDark, public array $meaning, public ?string $selfRunning)
    {
    }

    /** @param list<int> $channels those that rest, counted from 1 */
    public static function of(CompiledMode $mode, array $channels): self
    {
        $values = FullOn::values($mode->mode);
        $before = $mode->light($values);
        foreach ($channels as $channel) {
            $values[$channel - 1] = 0;
        }
        $after = $mode->light(array_values($values));
        $meaning = array_map(static fn (int $channel): ?string => self::meaning($mode->mode->channel($channel)), $channels);

        return new self(
            !$before->isDark() && $after->isDark(),
            array_values(array_filter($meaning, static fn (?string $one): bool => null !== $one)),
            $after->selfRunning,
        );
    }

    private static function meaning(?Channel $channel): ?string
    {
        $range = $channel?->rangeAt(0);
        if (null === $channel || null === $range) {
            return null;
        }
        $said = match ($range->function) {
            RangeFunction::Closed => 'is closed',
            RangeFunction::Intensity => ($range->quantityAt(0) ?? 0.0) <= 0.0 ? 'is down' : 'stays up',
            RangeFunction::Emitter => ($range->quantityAt(0) ?? 0.0) <= 0.0 ? 'gives none of its colour' : 'stays lit',
            RangeFunction::Strobe, RangeFunction::Pulse, RangeFunction::RandomStrobe => 'flashes',
            RangeFunction::Pan, RangeFunction::Tilt => 'stands at one end of its travel',
            RangeFunction::Program => \sprintf('runs %s', '' === trim($range->label) ? 'a program' : '"'.$range->label.'"'),
            RangeFunction::Reset => 'resets the unit',
            RangeFunction::Output => ($range->quantityAt(0) ?? 0.0) <= 0.0 ? 'is off' : 'runs',
            RangeFunction::ColourPreset, RangeFunction::Wheel, RangeFunction::WheelSpin, RangeFunction::Gobo, RangeFunction::GoboSpin,
            RangeFunction::Turn => \sprintf('is in %s', $range->title()),
            default => null,
        };

        return null === $said ? null : \sprintf('%s %s', $channel->title(), $said);
    }

    /**
     * One or two sentences.
     *
     * @param string $name   the unit's, or those of its twins too
     * @param bool   $isMany whether several are named
     */
    public function sentence(string $name, bool $isMany = false): string
    {
        $rest = [] === $this->meaning ? 'At rest they do nothing.' : \sprintf('At rest (0): %s.', implode('; ', self::few($this->meaning)));

        return $rest.match (true) {
            null !== $this->selfRunning => \sprintf(' %s then %s on this desk.', $name, $isMany ? 'run by themselves' : 'runs by itself'),
            $this->isDark => \sprintf(
                ' So %s %s dark on this desk, whatever %s other faders do.',
                $name,
                $isMany ? 'are' : 'is',
                $isMany ? 'their' : 'its',
            ),
            default => '',
        };
    }

    /**
     * @param list<string> $clauses
     *
     * @return list<string>
     */
    private static function few(array $clauses): array
    {
        $over = \count($clauses) - self::SAID;

        return $over > 1 ? [...\array_slice($clauses, 0, self::SAID), $over.' more likewise'] : $clauses;
    }
}
