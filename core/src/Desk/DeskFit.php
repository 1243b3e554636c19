<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Severity;
use Rigger\Core\Time\Chase;
use Rigger\Core\Time\ChaseStep;

/**
 * Looks and chases as a desk stores them, and what it cannot hold of them. Whatever a desk does not state limits nothing.
 */
final readonly class DeskFit
{
    /** Seconds this near are the same. */
    private const NEAR = 1e-9;

    /**
     * @param list<FitFinding>                     $findings looks before chases, each in the given order, then by step
     * @param list<array{string, list<ChaseStep>}> $chases   id and steps in the order in which they are played, all of them
     */
    private function __construct(public array $findings, public array $chases)
    {
    }

    /**
     * @param list<ScenePlace> $looks
     * @param list<Chase>      $chases
     */
    public static function of(Desk $desk, array $looks, array $chases): self
    {
        $findings = self::places($desk, $looks);
        $stored = [];
        foreach ($chases as $index => $chase) {
            if (null !== $desk->chases && $index >= $desk->chases) {
                $figures = ['nth' => $index + 1, 'most' => $desk->chases];
                $findings[] = new FitFinding('too_many_chases', Severity::Error, $chase->id, null, $figures);
            }
            $steps = $chase->order->played($chase->steps);
            if (null !== $desk->stepsPerChase && \count($steps) > $desk->stepsPerChase) {
                $figures = ['steps' => \count($steps), 'most' => $desk->stepsPerChase];
                $findings[] = new FitFinding('too_many_steps', Severity::Error, $chase->id, null, $figures);
            }
            foreach ($steps as $place => $step) {
                array_push($findings, ...self::times($desk, $chase->id, $place + 1, $step));
            }
            $stored[] = [$chase->id, array_map(
                static fn (ChaseStep $step): ChaseStep => new ChaseStep(
                    $step->look,
                    self::held($step->hold, $desk->hold),
                    self::held($step->fade, $desk->fade),
                ),
                $steps,
            )];
        }

        return new self($findings, $stored);
    }

    /**
     * @param list<ScenePlace> $looks
     *
     * @return list<FitFinding>
     */
    private static function places(Desk $desk, array $looks): array
    {
        $findings = $taken = [];
        foreach ($looks as $look) {
            $figures = ['bank' => $look->bank, 'number' => $look->number];
            if ($look->bank > ($desk->banks ?? \PHP_INT_MAX) || $look->number > ($desk->scenesPerBank ?? \PHP_INT_MAX)) {
                $findings[] = new FitFinding('no_such_scene', Severity::Error, $look->look, null, $figures + array_filter(
                    ['banks' => $desk->banks, 'scenes' => $desk->scenesPerBank],
                    is_int(...),
                ));
            }
            if (isset($taken[$look->bank.'.'.$look->number])) {
                $findings[] = new FitFinding('scene_twice', Severity::Error, $look->look, null, $figures);
            }
            $taken[$look->bank.'.'.$look->number] = true;
        }

        return $findings;
    }

    /** @return list<FitFinding> */
    private static function times(Desk $desk, string $chase, int $number, ChaseStep $step): array
    {
        $findings = [];
        foreach (['hold_held' => [$step->hold, $desk->hold], 'fade_held' => [$step->fade, $desk->fade]] as $code => [$asked, $travel]) {
            $held = self::held($asked, $travel);
            if (null !== $travel && abs($held - $asked) > self::NEAR) {
                $figures = ['asked' => $asked, 'least' => $travel[0], 'most' => $travel[1], 'held' => $held];
                $findings[] = new FitFinding($code, Severity::Caution, $chase, $number, $figures);
            }
        }

        return $findings;
    }

    /** @param array{float, float}|null $travel */
    private static function held(float $asked, ?array $travel): float
    {
        return null === $travel ? $asked : min($travel[1], max($travel[0], $asked));
    }
}
