<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\Span;

/** Mode, button and address for each unit, from what is wanted of it: the mode with the fewest channels that will do. */
final readonly class DeskPlan
{
    /**
     * @param list<Assignment>                            $assigned   in the given order
     * @param list<array{id: string, reason: Unassigned}> $unassigned in the given order
     */
    private function __construct(public array $assigned, public array $unassigned)
    {
    }

    /**
     * @param list<DeskWish> $wishes with different ids
     * @param list<Span>     $taken  addresses in the desk's universe that stay with units that are not planned
     *
     * @throws InputError unknown_fixture, field `fixtures[k].with`, for one that is not named earlier
     */
    public static function of(Desk $desk, array $wishes, array $taken = []): self
    {
        $places = new PlanPlaces($desk, $taken);
        $room = $desk->layout->hasButtons() ? $desk->reach() : $desk->rowLength();
        $outcomes = [];
        $assigned = [];
        $unassigned = [];
        foreach ($wishes as $index => $wish) {
            $outcome = null === $wish->with
                ? self::alone($wish, $room, $places)
                : self::together(
                    $wish,
                    $outcomes[$wish->with] ?? throw InputError::unknownFixture('fixtures['.$index.'].with', $wish->with),
                );
            $outcomes[$wish->id] = $outcome;
            if ($outcome instanceof Assignment) {
                $assigned[] = $outcome;
            } else {
                $unassigned[] = ['id' => $wish->id, 'reason' => $outcome];
            }
        }

        return new self($assigned, $unassigned);
    }

    private static function alone(DeskWish $wish, int $room, PlanPlaces $places): Assignment|Unassigned
    {
        $able = array_filter($wish->modes, static fn (PlanMode $mode): bool => $mode->has($wish->wants));
        $fitting = array_values(array_filter($able, static fn (PlanMode $mode): bool => $mode->footprint <= $room));
        if ([] === $fitting) {
            return [] === $able ? Unassigned::WantsNotMet : Unassigned::NoModeFits;
        }
        // usort keeps the given order of those with equally many channels.
        usort($fitting, static fn (PlanMode $one, PlanMode $other): int => $one->footprint <=> $other->footprint);
        $place = $places->next($fitting[0]->footprint);

        return null === $place ? Unassigned::NoButtonLeft : new Assignment($wish->id, $fitting[0], ...$place);
    }

    private static function together(DeskWish $wish, Assignment|Unassigned $first): Assignment|Unassigned
    {
        if ($first instanceof Unassigned) {
            return $first;
        }
        $own = $wish->mode($first->mode->key);

        return match (true) {
            null === $own || $own->footprint !== $first->mode->footprint => Unassigned::NoModeFits,
            !$own->has($wish->wants) => Unassigned::WantsNotMet,
            default => new Assignment($wish->id, $own, $first->button, $first->address),
        };
    }
}
