<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Patch\Place;
use Rigger\Core\Patch\Span;
use Rigger\Core\Plan\AddressPlan;
use Rigger\Core\Plan\PlannedUnit;
use Rigger\Core\Plan\PlanTask;
use Rigger\Core\Plan\PlanUnit;
use Rigger\Core\Plan\Spacing;

/** `address.plan` {"fixtures","universes","spacing","goal"} → {"placed","unplaced","changes"}. */
final class AddressPlanTopic implements Topic
{
    private const MOST_UNIVERSES = 1000;
    /** Each looks for room in every universe: more than that take longer than anybody waits. */
    private const MOST_UNITS = 2000;

    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['fixtures', 'universes', 'spacing', 'goal']);
        $units = $in->each('fixtures', self::unit(...), self::MOST_UNITS);
        $universes = $in->whole('universes', 1, self::MOST_UNIVERSES);
        $spacing = self::spacing($in->raw('spacing'), $in->path('spacing'));
        $goal = $in->choice('goal', ['fresh', 'fewest']);
        UniqueIds::require('fixtures', array_map(static fn (PlanUnit $unit): string => $unit->id, $units));
        $task = PlanTask::of($units, $universes, $spacing);
        $plan = 'fresh' === $goal ? AddressPlan::fresh($task) : AddressPlan::fewest($task);

        return [
            'placed' => array_map(
                static fn (PlannedUnit $unit): array => [
                    'id' => $unit->id,
                    'universe' => $unit->place->universe,
                    'address' => $unit->place->address,
                    'changed' => $unit->isChanged,
                ],
                $plan->placed,
            ),
            'unplaced' => $plan->unplaced,
            'changes' => $plan->changes(),
        ];
    }

    private static function unit(mixed $item, string $path): PlanUnit
    {
        $in = Members::of($item, ['id', 'mode', 'footprint', 'address', 'universe', 'locked', 'twinOf'], $path);
        $id = $in->text('id');
        $mode = $in->text('mode');
        $footprint = $in->whole('footprint', 1, Span::LAST_SLOT);
        $address = $in->has('address') ? $in->address('address') : null;
        $universe = $in->has('universe') ? $in->whole('universe', 1) : null;
        $locked = $in->has('locked') && $in->flag('locked');
        $twinOf = $in->has('twinOf') ? $in->text('twinOf') : null;
        // Both or neither; and what is locked must stand somewhere.
        if (null === $address) {
            if (null !== $universe || $locked) {
                throw InputError::missing($in->path('address'));
            }
        } elseif (null === $universe) {
            throw InputError::missing($in->path('universe'));
        }

        return new PlanUnit($id, $mode, $footprint, null === $address ? null : new Place($universe, $address), $locked, $twinOf);
    }

    private static function spacing(mixed $document, string $path): Spacing
    {
        $open = Members::open($document, $path);
        $kind = $open->has('kind') && \is_string($open->raw('kind')) ? $open->raw('kind') : null;
        $own = match ($kind) {
            'packed' => [],
            'stride' => ['stride', 'first'],
            'round' => ['to'],
            default => ['stride', 'first', 'to'],
        };
        $in = Members::of($document, ['kind', ...$own], $path);

        return match ($in->choice('kind', ['packed', 'stride', 'round'])) {
            'stride' => Spacing::stride($in->whole('stride', 1, Span::LAST_SLOT), $in->address('first')),
            'round' => Spacing::round($in->whole('to', 1, Span::LAST_SLOT)),
            default => Spacing::packed(),
        };
    }
}
