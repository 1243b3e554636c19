<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Fixtures;

use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Playback\LampLight;
use Rigger\Core\Playback\PlayedUnit;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Unit;

/** How a lamp shines in a look before and after a chart changed. */
final readonly class LookChange
{
    /** @param LampLight|null $before null when it cannot be computed */
    public function __construct(public Look $look, public Unit $unit, private ?LampLight $before, private ?LampLight $after)
    {
    }

    /** @param list<int> $values */
    public static function light(Unit $unit, ?CompiledMode $mode, array $values): ?LampLight
    {
        return null === $mode || \count($values) !== $mode->mode->footprint()
            ? null
            : LampLight::of(
                new PlayedUnit($unit->id, $unit->name, $unit->place->universe, $unit->span(), $mode, null),
                $mode,
                $mode->light($values),
            );
    }

    public function isSeen(): bool
    {
        return $this->wordsBefore() !== $this->wordsAfter() || $this->hexBefore() !== $this->hexAfter();
    }

    public function wordsBefore(): string
    {
        return self::words($this->before);
    }

    public function wordsAfter(): string
    {
        return self::words($this->after);
    }

    public function hexBefore(): ?string
    {
        return $this->before->cells[0]['hex'] ?? null;
    }

    public function hexAfter(): ?string
    {
        return $this->after->cells[0]['hex'] ?? null;
    }

    private static function words(?LampLight $lamp): string
    {
        if (null === $lamp) {
            return 'cannot be computed';
        }
        if (null !== $lamp->selfRunning) {
            return 'runs '.$lamp->selfRunning;
        }
        $brightest = max([0.0, ...array_map(static fn (array $cell): float => $cell['brightness'], $lamp->cells)]);
        $fastest = max([0.0, ...array_map(static fn (array $cell): float => $cell['flash'], $lamp->cells)]);

        return 0.0 === $brightest
            ? 'dark'
            : \sprintf(
                '%d %%%s',
                (int) round($brightest * 100),
                $fastest > 0 ? \sprintf(', flashing %s a second', round($fastest, 1)) : '',
            );
    }
}
