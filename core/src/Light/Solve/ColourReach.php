<?php

declare(strict_types=1);

namespace Rigger\Core\Light\Solve;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Gamut;
use Rigger\Core\Colour\Recipe;
use Rigger\Core\Colour\Uv;
use Rigger\Core\Light\CellLight;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\RangeFunction;

/** What colours a mode can show: its emitters, or the built-in ones it chooses among, and each way to one colour. */
final class ColourReach
{
    private const COLOURING = [
        RangeFunction::Emitter, RangeFunction::ColourPreset, RangeFunction::Wheel, RangeFunction::WhitePoint, RangeFunction::Tint,
    ];

    private Gamut|false|null $gamut = null;

    public function __construct(private readonly LightSolver $solver)
    {
    }

    /** The nearest colour that it can show, where it can show any; else the colour itself, for it stands in nobody's way. */
    public function nearest(Uv $colour): Uv
    {
        $this->gamut ??= [] === $this->emitters() ? false : Gamut::of(array_map(Uv::of(...), array_values($this->emitters())));
        if (false !== $this->gamut) {
            return $this->gamut->nearest($colour)->uv;
        }

        return $this->solver->nearestChoice($colour) ?? $colour;
    }

    /** @return array<string, Chromaticity> of its emitters, by key */
    public function emitters(): array
    {
        $emitters = [];
        foreach ($this->ranges(RangeFunction::Emitter) as $key) {
            $emitter = $this->solver->profile->emitter($key);
            if (null !== $emitter && $emitter->flux > 0.0) {
                $emitters[$key] = $emitter->chromaticity;
            }
        }

        return $emitters;
    }

    /**
     * At full, each recipe that this mode can follow; only one where it has built-in colours alone or all come to the same.
     *
     * @return list<Way>
     */
    public function ways(Chromaticity $colour): array
    {
        $keys = array_keys($this->emitters());
        $ways = [];
        foreach (Recipe::cases() as $recipe) {
            $isThere = match ($recipe) {
                Recipe::Brightest => true,
                Recipe::WhiteFirst => [] !== array_filter($keys, static fn (string $key): bool => str_contains($key, 'white')),
                Recipe::Three => \count($keys) > 3 && [] === array_diff(Recipe::THREE, $keys),
            };
            if ($isThere) {
                $solved = $this->solver->solve(new Intent(1.0, $colour, $recipe));
                $ways[] = new Way($recipe, $solved, self::brightest($solved->light->cells), $this->channels($solved->values));
            }
        }

        return $ways;
    }

    /**
     * @param list<int> $values
     *
     * @return list<array{Channel, int}>
     */
    private function channels(array $values): array
    {
        $channels = [];
        foreach ($this->solver->mode()->mode->byOffset() as $channel) {
            if ($channel->has(...self::COLOURING)) {
                $channels[] = [$channel, $values[$channel->offset - 1]];
            }
        }

        return $channels;
    }

    /** @return list<string> keys of the emitters that ranges of a function drive */
    private function ranges(RangeFunction $function): array
    {
        $keys = [];
        foreach ($this->solver->mode()->mode->channels as $channel) {
            foreach ($channel->ranges as $range) {
                if ($range->function === $function) {
                    $keys[(string) $range->emitter] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($keys));
    }

    /** @param list<CellLight> $cells */
    private static function brightest(array $cells): CellLight
    {
        return array_reduce(
            $cells,
            static fn (CellLight $best, CellLight $one): CellLight => $one->brightness > $best->brightness ? $one : $best,
            $cells[0],
        );
    }
}
