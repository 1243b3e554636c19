<?php

declare(strict_types=1);

namespace Rigger\Core\Light;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\ProfileCheck;
use Rigger\Core\Profile\RangeFunction;

/**
 * A mode made ready to be asked, over and over, what comes out at given values.
 *
 * Working out ranges, cells and emitters is done once here; light() then takes microseconds.
 */
final class CompiledMode
{
    private ?bool $isOfDimmersAlone = null;

    /** @var list<int> places of the channels that turn the unit or run programs, in channel order */
    private readonly array $whole;

    /**
     * @param array<int, CompiledChannel> $channels those that matter, by place (offset − 1), in channel order
     * @param list<CompiledCell>          $cells    ascending
     */
    private function __construct(
        public readonly Mode $mode,
        private readonly array $channels,
        private readonly array $cells,
        private readonly bool $canShine,
    ) {
        $this->whole = array_keys(array_filter($channels, static fn (CompiledChannel $channel): bool => $channel->isOfTheWhole()));
    }

    /**
     * @throws InputError unknown_mode (field "mode"); profile_has_errors (field "profile") when ProfileCheck finds an
     *                    error in this mode; no_colour (field "profile") for a preset of black
     */
    public static function of(FixtureProfile $profile, string $modeKey): self
    {
        $mode = $profile->mode($modeKey) ?? throw InputError::because(
            'unknown_mode',
            'mode',
            \sprintf('The fixture has no mode %s.', InputError::quote($modeKey)),
        );
        if (!ProfileCheck::isUsable($profile, $mode)) {
            throw InputError::because(
                'profile_has_errors',
                'profile',
                \sprintf('The chart of mode %s has errors: put those right first.', InputError::quote($mode->name)),
            );
        }
        $channels = [];
        foreach ($mode->byOffset() as $channel) {
            $compiled = CompiledChannel::of($mode, $channel);
            if ($compiled->matters()) {
                $channels[$compiled->index] = $compiled;
            }
        }
        $hasEmitters = [] !== array_merge(...array_map(
            static fn (CompiledChannel $channel): array => $channel->emitters(),
            array_values($channels),
        ));
        $lamp = $hasEmitters || !$mode->canGiveLight() ? null : $profile->lamp()->chromaticity;
        $cells = array_map(
            static fn (int $cell): CompiledCell => self::cell($profile, $channels, $cell, $lamp, $mode->canGiveLight()),
            $mode->cells(),
        );

        return new self($mode, $channels, $cells, $mode->canGiveLight());
    }

    /**
     * @param list<int> $values one a channel, 0 to 255
     *
     * @throws InputError values_count
     */
    public function light(array $values): Lighting
    {
        $this->refuseCount($values);
        [$active, $at] = $this->read($values);
        $pan = $tilt = $program = null;
        $seen = [];
        foreach ($this->whole as $place) {
            $range = $active[$place] ?? null;
            if (null === $range) {
                continue;
            }
            if (Role::Pan === $range->role && !isset($seen['pan'])) {
                $seen['pan'] = true;
                $pan = $range->isKnown ? $at[$place] : null;
            } elseif (Role::Tilt === $range->role && !isset($seen['tilt'])) {
                $seen['tilt'] = true;
                $tilt = $range->isKnown ? $at[$place] : null;
            } elseif (Role::Program === $range->role) {
                $program ??= $range->label;
            }
        }
        $cells = [];
        foreach ($this->cells as $cell) {
            $cells[] = $cell->light($active, $at, null !== $program);
        }

        return new Lighting($cells, $pan, $tilt, $program);
    }

    /**
     * Why a cell is dark, in channel order, with "no colour" last. Ask only of a cell that is dark and not self-running.
     *
     * @param list<int> $values
     *
     * @return list<Cause>
     */
    public function whyDark(array $values, int $cellNumber): array
    {
        if (!$this->canShine) {
            return [];
        }
        [$active, $at] = $this->read($values);
        $reasons = [];
        foreach ($this->channels as $place => $channel) {
            $role = ($active[$place] ?? null)?->role;
            if (null !== $channel->cell && $channel->cell !== $cellNumber) {
                continue;
            }
            if (Role::Dimmer === $role && $at[$place] <= 0.0) {
                $reasons[] = Cause::dimmerDown($this->channelAt($place), $values[$place]);
            } elseif (Role::Closed === $role) {
                $reasons[] = Cause::closed($this->channelAt($place), $values[$place]);
            }
        }
        foreach ($this->cells as $cell) {
            if ($cell->number === $cellNumber && $cell->lacksColour($active, $at)) {
                $reasons[] = Cause::noColour($this->emitterLabels($cellNumber));
            }
        }

        return $reasons;
    }

    /** Whether anything of it can give light: a hazer cannot. */
    public function canShine(): bool
    {
        return $this->canShine;
    }

    /** Whether its light is white alone, from lamps that are only dimmed: a pack of sockets. */
    public function isOfDimmersAlone(): bool
    {
        return $this->isOfDimmersAlone ??= \count($this->cells) > 1 && !$this->drivesEmitters();
    }

    private function drivesEmitters(): bool
    {
        foreach ($this->mode->channels as $channel) {
            if ($channel->has(RangeFunction::Emitter)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<int> $values
     *
     * @return list<array{channel: int, range: int|null}> for each channel the index of the range its value lies in
     */
    public function active(array $values): array
    {
        $this->refuseCount($values);

        return array_map(static fn (Channel $channel): array => [
            'channel' => $channel->offset,
            'range' => $channel->rangeIndexAt($values[$channel->offset - 1]),
        ], $this->mode->byOffset());
    }

    /**
     * @param list<int> $values
     *
     * @return array{array<int, CompiledRange>, array<int, float>} the active ranges and their quantities, by place
     */
    private function read(array $values): array
    {
        $active = [];
        $at = [];
        foreach ($this->channels as $place => $channel) {
            $value = $values[$place];
            if (null === $channel->fineIndex) {
                $met = $channel->met[$value] ?? $channel->meet($value);
                if (false !== $met) {
                    [$active[$place], $at[$place]] = $met;
                }
                continue;
            }
            $range = $channel->rangeAt($value);
            if (null !== $range) {
                $active[$place] = $range;
                $at[$place] = $range->at($value, $values[$channel->fineIndex]);
            }
        }

        return [$active, $at];
    }

    /** @param list<int> $values */
    private function refuseCount(array $values): void
    {
        if (\count($values) !== $this->mode->footprint()) {
            throw InputError::valuesCount(
                'values',
                \count($values),
                $this->mode->footprint(),
                'mode '.InputError::quote($this->mode->name),
            );
        }
    }

    private function channelAt(int $place): Channel
    {
        return $this->mode->channel($place + 1) ?? throw new \LogicException('A compiled channel is one of its mode.');
    }

    /** @return list<string> names of the channels that drive the cell's emitters */
    private function emitterLabels(int $cell): array
    {
        $labels = [];
        foreach ($this->channels as $place => $channel) {
            if ([] !== $channel->emitters() && (null === $channel->cell || $channel->cell === $cell)) {
                $labels[] = $this->channelAt($place)->title();
            }
        }

        return $labels;
    }

    /** @param array<int, CompiledChannel> $channels */
    private static function cell(FixtureProfile $profile, array $channels, int $number, ?Chromaticity $lamp, bool $canShine): CompiledCell
    {
        $places = [];
        $emitters = [];
        foreach ($channels as $place => $channel) {
            if (null === $channel->cell || $channel->cell === $number) {
                if ($channel->shines()) {
                    $places[] = $place;
                }
                foreach ($channel->emitters() as $key) {
                    $emitters[$key] = $profile->emitter($key) ?? throw new \LogicException('ProfileCheck lets no unknown emitter pass.');
                }
            }
        }

        return new CompiledCell($number, $places, new EmitterBank(array_values($emitters)), $lamp, $canShine);
    }
}
